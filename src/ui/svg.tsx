/** Shows a picture that our own drawing functions wrote; all text in it is escaped by them. */
export function Svg({ markup, className }: { markup: string; className?: string }) {
  return <div className={className} dangerouslySetInnerHTML={{ __html: markup }} />;
}
