import type { ApexOptions } from 'apexcharts';
import ReactApexChart from 'react-apexcharts';
import type { Week } from '../../contract/views';

const FELT = '#1f5c46';
const BRASS = '#8a6412';

/** Accuracy and middle time by week; a table says the same to screen readers. */
export default function WeeksChart({ weeks }: { weeks: readonly Week[] }) {
  const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });
  const names = weeks.map((w) => day.format(w.from));
  const series = [
    {
      name: 'Right, %',
      type: 'column',
      data: weeks.map((w) => (w.accuracy === null ? null : Math.round(w.accuracy * 100))),
    },
    {
      name: 'Middle time, s',
      type: 'line',
      data: weeks.map((w) => (w.medianMs === null ? null : Math.round(w.medianMs / 100) / 10)),
    },
  ];
  const options: ApexOptions = {
    chart: {
      toolbar: { show: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      zoom: { enabled: false },
    },
    colors: [FELT, BRASS],
    stroke: { width: [0, 3] },
    fill: { opacity: [0.75, 1] },
    markers: { size: [0, 5] },
    xaxis: { categories: names, title: { text: 'week from' } },
    yaxis: [
      { min: 0, max: 100, tickAmount: 4, title: { text: 'right, %' } },
      { opposite: true, min: 0, forceNiceScale: true, title: { text: 'seconds' } },
    ],
    legend: { position: 'top' },
  };
  return (
    <>
      <div aria-hidden="true">
        <ReactApexChart options={options} series={series} height={270} />
      </div>
      <table className="sr-only">
        <caption>Accuracy and middle time by week</caption>
        <tbody>
          {weeks.map((w, i) => (
            <tr key={w.from}>
              <th scope="row">Week from {names[i]}</th>
              <td>
                {w.accuracy === null
                  ? 'no answers'
                  : `${Math.round(w.accuracy * 100)} % of ${w.answers} right`}
              </td>
              <td>
                {w.medianMs === null ? 'no times' : `${(w.medianMs / 1000).toFixed(1)} seconds`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
