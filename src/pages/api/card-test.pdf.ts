import { cardTestQuery } from '@/contract/cards';
import { cardTestPages } from '@/engrave';
import { endpoint } from '@/server/endpoint';
import { pagesToPdf, pdfResponse } from '@/server/pdf';

/** Two pages that show how a printer turns the paper over. */
export const GET = endpoint({
  who: 'teacher',
  input: cardTestQuery,
  async handle({ input }) {
    return pdfResponse(await pagesToPdf(cardTestPages(input.paper), 'Test for cards'), 'card-test');
  },
});
