import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type Plugin,
} from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import {
  decider,
  formatTemp,
  type HeatForecast,
  type HeatPoint,
  type Plan,
  type Range,
  type RangeAnswer,
  tempIn,
  type Kitchen,
} from '../../../core/index';
import { CHART_FONT, tempAxis, themeColour } from '../../parts/chart';

Chart.register(LineController, LinearScale, PointElement, LineElement, Tooltip, Legend, Filler);
Chart.defaults.font.family = CHART_FONT;
Chart.defaults.font.size = 13;

/** A stretch of the cook on the time axis, minutes. */
interface Stretch {
  from: number;
  to: number;
  name: string;
}

/** Coming up, hold and release, and the minutes in which more of them do no harm. */
function stretchesOf(heat: HeatForecast): Stretch[] {
  const up = heat.comeUpS.mid / 60;
  const end = up + heat.holdS / 60;
  const down = end + heat.releaseS.mid / 60;
  return [
    { from: 0, to: up, name: 'comes up' },
    { from: up, to: end, name: 'holds' },
    { from: end, to: down, name: 'comes down' },
    ...(heat.second
      ? [
          {
            from: down,
            to: (heat.series.at(-1)?.timeS ?? 0) / 60,
            name: heat.second.then === 'pressure' ? 'second lid' : 'simmers',
          },
        ]
      : []),
  ];
}

/** Shades every other stretch and names them, and marks the window of minutes: told by lightness and words, not by hue. */
function shading(
  stretches: readonly Stretch[],
  window: Stretch | null,
  ink: string,
  shade: string,
): Plugin<'line'> {
  return {
    id: 'stretches',
    beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
      const x = scales['x'];
      if (!x) return;
      ctx.save();
      ctx.font = `600 12px ${CHART_FONT}`;
      stretches.forEach((s, i) => {
        const left = x.getPixelForValue(s.from);
        const wide = x.getPixelForValue(s.to) - left;
        if (i % 2 === 1) {
          ctx.fillStyle = shade;
          ctx.fillRect(left, chartArea.top, wide, chartArea.bottom - chartArea.top);
        }
        ctx.fillStyle = ink;
        if (wide > ctx.measureText(s.name).width + 8) ctx.fillText(s.name, left + 5, chartArea.top + 14);
      });
      if (window) {
        const left = x.getPixelForValue(window.from);
        const right = Math.min(chartArea.right, x.getPixelForValue(window.to));
        ctx.strokeStyle = ink;
        ctx.lineWidth = 3;
        ctx.beginPath();
        ctx.moveTo(left, chartArea.bottom - 5);
        ctx.lineTo(right, chartArea.bottom - 5);
        ctx.moveTo(left, chartArea.bottom - 10);
        ctx.lineTo(left, chartArea.bottom);
        ctx.moveTo(right, chartArea.bottom - 10);
        ctx.lineTo(right, chartArea.bottom);
        ctx.stroke();
        ctx.fillStyle = ink;
        ctx.textAlign = right > chartArea.right - 90 ? 'right' : 'left';
        ctx.fillText(window.name, right > chartArea.right - 90 ? right - 4 : left + 5, chartArea.bottom - 14);
      }
      ctx.restore();
    },
  };
}

const line = (
  points: readonly HeatPoint[],
  of: (p: HeatPoint) => number | null,
): { x: number; y: number }[] =>
  points.flatMap((p) => {
    const y = of(p);
    return y === null ? [] : [{ x: p.timeS / 60, y }];
  });

/** Two invisible lines with the space between them filled: where eight in ten kitchens lie. */
function bandOf(
  ranges: RangeAnswer | null,
  of: (p: RangeAnswer['band'][number]) => Range | null,
  name: string,
  colour: string,
  plain: object,
) {
  if (!ranges) return [];
  const edge = (key: 'low' | 'high') =>
    ranges.band.flatMap((p) => {
      const r = of(p);
      return r ? [{ x: p.timeS / 60, y: r[key] }] : [];
    });
  const hidden = { ...plain, borderWidth: 0, pointHitRadius: 0 };
  return [
    { ...hidden, label: `${name}, lowest`, data: edge('low'), borderColor: colour },
    {
      ...hidden,
      label: `${name}, eight in ten kitchens`,
      data: edge('high'),
      borderColor: colour,
      backgroundColor: `${colour}38`,
      fill: '-1',
    },
  ];
}

/** Pot, core and surface over time, with the pressure; a second setting drawn thin and dashed. Lines differ by dash as well. */
export default function HeatChart({
  plan,
  other,
  ranges,
  units,
}: {
  plan: Plan;
  other: HeatForecast | null;
  ranges: RangeAnswer | null;
  units: Kitchen['units'];
}) {
  const said = (c: number | null): number | null => (c === null ? null : tempIn(c, units));
  const saidRange = (r: Range | null): Range | null =>
    r && { low: tempIn(r.low, units), mid: tempIn(r.mid, units), high: tempIn(r.high, units) };
  const { heat } = plan;
  const main = decider(plan.kinds, heat);
  const colours = useMemo(
    () => ({
      ink: themeColour('--ink'),
      soft: themeColour('--ink-soft'),
      rule: themeColour('--rule'),
      shade: themeColour('--enamel-sunk'),
      pot: themeColour('--line-pot'),
      core: themeColour('--line-core'),
      surface: themeColour('--line-surface'),
      kpa: themeColour('--line-pressure'),
      stop: themeColour('--stop'),
    }),
    [],
  );
  const stretches = stretchesOf(heat);
  const coldestC = Math.min(...[...heat.series, ...(other?.series ?? [])].map((p) => p.coreC ?? 0));
  const up = heat.comeUpS.mid / 60;
  const window = heat.windowMin
    ? { from: up + heat.windowMin.from, to: up + heat.windowMin.to, name: 'minutes that do no harm' }
    : null;
  const end = Math.ceil((stretches.at(-1)?.to ?? 10) / 5) * 5;
  const plain = { pointRadius: 0, borderWidth: 2.5, tension: 0 };
  const axis = (text: string, more: object) => ({
    title: { display: true, text, color: colours.soft },
    ticks: { color: colours.soft },
    grid: { color: colours.rule },
    ...more,
  });
  return (
    <Line
      role="img"
      aria-label="Temperature of the pot and of the meat, and the pressure, from closing the lid to opening it. The same figures stand in the table below."
      data={{
        datasets: [
          ...bandOf(ranges, (p) => saidRange(p.coreC), 'core', colours.core, plain),
          { ...plain, label: 'pot', data: line(heat.series, (p) => said(p.potC)), borderColor: colours.pot },
          {
            ...plain,
            label: 'core',
            data: line(heat.series, (p) => said(p.coreC)),
            borderColor: colours.core,
            borderWidth: 3.5,
          },
          {
            ...plain,
            label: 'surface',
            data: line(heat.series, (p) => said(p.surfaceC)),
            borderColor: colours.surface,
            borderDash: [2, 3],
          },
          {
            ...plain,
            label: 'pressure',
            data: line(heat.series, (p) => p.gaugeKPa),
            borderColor: colours.kpa,
            borderDash: [8, 4],
            yAxisID: 'kpa',
          },
          ...(main
            ? [
                {
                  ...plain,
                  label: `to reach: ${formatTemp(main.safeC, units)}`,
                  data: [0, end].map((x) => ({ x, y: tempIn(main.safeC, units) })),
                  borderColor: colours.stop,
                  borderWidth: 1.5,
                  borderDash: [1, 4],
                },
              ]
            : []),
          ...(other
            ? [
                {
                  ...plain,
                  label: 'core, kept',
                  data: line(other.series, (p) => said(p.coreC)),
                  borderColor: colours.core,
                  borderWidth: 1.5,
                  borderDash: [5, 5],
                },
                {
                  ...plain,
                  label: 'pot, kept',
                  data: line(other.series, (p) => said(p.potC)),
                  borderColor: colours.pot,
                  borderWidth: 1.5,
                  borderDash: [5, 5],
                },
              ]
            : []),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        parsing: false,
        interaction: { mode: 'nearest', axis: 'x', intersect: false },
        scales: {
          x: { type: 'linear', ...axis('minutes from the lid', { min: 0, max: end }) },
          y: { type: 'linear', ...axis(`°${units.temperature}`, tempAxis(units, coldestC)) },
          kpa: {
            type: 'linear',
            position: 'right',
            ...axis('pressure over the air, kPa', { min: 0, max: 160, grid: { drawOnChartArea: false } }),
          },
        },
        plugins: {
          legend: {
            position: 'bottom',
            labels: {
              color: colours.ink,
              boxWidth: 34,
              boxHeight: 0,
              filter: (item) => !/, (?:lowest|eight)/.test(item.text),
            },
          },
          tooltip: {
            filter: (item) => !/, (?:lowest|eight)/.test(item.dataset.label ?? ''),
            callbacks: {
              title: (items) => `${Math.round(items[0]?.parsed.x ?? 0)} min`,
              label: (item) =>
                `${item.dataset.label ?? ''} ${Math.round(item.parsed.y ?? 0)}${item.dataset.label === 'pressure' ? ' kPa' : ` °${units.temperature}`}`,
            },
          },
        },
      }}
      plugins={[shading(stretches, window, colours.soft, colours.shade)]}
    />
  );
}
