import { Chart, Legend, LinearScale, LineElement, PointElement, ScatterController, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { compareCook, type CookState } from '../../../core/index';
import { day } from '../../parts/now';
import { themeColour } from '../../parts/chart';

Chart.register(ScatterController, LinearScale, PointElement, LineElement, Tooltip, Legend);

Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
Chart.defaults.font.size = 13;

/** Forecast against actual minutes to pressure, one point a cook; on the line the forecast was right. */
export default function ComeUpChart({ cooks }: { cooks: readonly CookState[] }) {
  const points = cooks.flatMap((cook) => {
    const c = compareCook(cook)?.comeUp;
    return c?.actualS
      ? [
          {
            x: c.forecastS / 60,
            y: c.actualS / 60,
            pot: cook.potName,
            label: `${cook.dish?.name ?? ''}, ${day(cook.startedAt)}`,
          },
        ]
      : [];
  });
  if (points.length < 3) return <p className="soft small">A chart appears after three cooks.</p>;
  const top = Math.ceil(Math.max(...points.flatMap((p) => [p.x, p.y])) / 5) * 5;
  const pots = [...new Set(points.map((p) => p.pot))];
  const marks = ['circle', 'triangle', 'rectRot', 'crossRot'] as const;
  const colours = [
    themeColour('--accent'),
    themeColour('--line-core'),
    themeColour('--line-pressure'),
    themeColour('--line-sauce'),
  ];
  const ink = themeColour('--ink-soft');
  const axis = (text: string) => ({
    min: 0,
    max: top,
    title: { display: true, text, color: ink },
    ticks: { color: ink },
    grid: { color: themeColour('--rule') },
  });
  return (
    <figure className="chart">
      <div className="chart-box">
        <Scatter
          aria-label="Minutes to pressure, forecast against actual"
          role="img"
          data={{
            datasets: [
              ...pots.map((pot, i) => ({
                label: pot,
                data: points.filter((p) => p.pot === pot),
                pointStyle: marks[i % marks.length] ?? 'circle',
                pointRadius: 5,
                borderColor: colours[i % colours.length] ?? ink,
                backgroundColor: colours[i % colours.length] ?? ink,
              })),
              {
                label: 'as forecast',
                data: [0, top].map((v) => ({ x: v, y: v, pot: '', label: '' })),
                showLine: true,
                pointRadius: 0,
                pointStyle: 'line' as const,
                borderColor: ink,
                borderDash: [5, 5],
                borderWidth: 1.5,
              },
            ],
          }}
          options={{
            maintainAspectRatio: false,
            animation: false,
            scales: { x: axis('forecast, min'), y: axis('actual, min') },
            plugins: {
              legend: { position: 'bottom', labels: { usePointStyle: true, color: ink } },
              tooltip: {
                callbacks: {
                  label: (item) =>
                    `${(item.raw as { label?: string }).label ?? ''}: ${item.parsed.x?.toFixed(0)} → ${item.parsed.y?.toFixed(0)} min`,
                },
              },
            },
          }}
        />
      </div>
      <figcaption className="small soft">
        Minutes to pressure. {points.filter((p) => p.y > p.x).length} of {points.length} cooks came up later
        than forecast at the time.
      </figcaption>
    </figure>
  );
}
