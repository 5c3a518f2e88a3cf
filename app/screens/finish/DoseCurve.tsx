import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, type Plugin } from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { doseFor, THICKNESSES, type Dose, type DoseInput } from '../../../core/index';
import { CHART_FONT, themeColour } from '../../parts/chart';

Chart.register(LineController, LinearScale, PointElement, LineElement, Filler);

const MOST_PERCENT = 5;
const STEP = 0.1;
const NAMED = THICKNESSES.filter((t) => t.id !== 'glaze');

/** Stripes for the named thicknesses, with their words, behind the curve. */
function stripes(ink: string, shade: string): Plugin<'line'> {
  return {
    id: 'thicknesses',
    beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
      const x = scales['x'];
      if (!x) return;
      ctx.save();
      ctx.font = `600 11px ${CHART_FONT}`;
      ctx.textAlign = 'center';
      for (const t of NAMED) {
        const [from, to] = t.band;
        const left = x.getPixelForValue(from);
        const right = x.getPixelForValue(to);
        ctx.fillStyle = shade;
        ctx.fillRect(left, chartArea.top, right - left, chartArea.bottom - chartArea.top);
        ctx.fillStyle = ink;
        ctx.fillText(t.name, (left + right) / 2, chartArea.top + 11);
      }
      ctx.restore();
    },
  };
}

/** Dose against thickness for this sauce: where it is now, where it should be, and how sure that is. */
export default function DoseCurve({ input, dose }: { input: DoseInput; dose: Dose }) {
  const colours = useMemo(
    () => ({
      ink: themeColour('--ink'),
      soft: themeColour('--ink-soft'),
      rule: themeColour('--rule'),
      shade: themeColour('--enamel-sunk'),
      line: themeColour('--line-sauce'),
    }),
    [],
  );
  const points = useMemo(() => {
    const out: { x: number; low: number; mid: number; high: number }[] = [];
    for (let x = input.presentPercent; x <= MOST_PERCENT + 1e-9; x += STEP) {
      const d = doseFor({ ...input, aimPercent: x });
      if (d.capped) break;
      out.push({ x, low: d.rangeG.low, mid: d.starchG, high: d.rangeG.high });
    }
    return out;
  }, [input]);
  const line = (key: 'low' | 'mid' | 'high') => points.map((p) => ({ x: p.x, y: p[key] }));
  const plain = { pointRadius: 0, borderWidth: 0, tension: 0 };
  const mark = (x: number, y: number, style: 'circle' | 'rectRot') => ({
    data: [{ x, y }],
    pointRadius: 7,
    pointStyle: style,
    backgroundColor: style === 'circle' ? colours.shade : colours.line,
    borderColor: colours.ink,
    borderWidth: 2,
    showLine: false,
  });
  const axis = (text: string) => ({
    title: { display: true, text, color: colours.soft },
    ticks: { color: colours.soft },
    grid: { color: colours.rule },
    min: 0,
  });
  return (
    <Line
      role="img"
      aria-label={`Dose against thickness: from ${input.presentPercent.toFixed(1)} per cent now to ${dose.resultPercent.toFixed(1)} per cent with ${dose.starchG.toFixed(0)} grams.`}
      data={{
        datasets: [
          { ...plain, data: line('low'), borderColor: colours.line },
          {
            ...plain,
            data: line('high'),
            borderColor: colours.line,
            backgroundColor: `${colours.line}30`,
            fill: '-1',
          },
          { ...plain, data: line('mid'), borderColor: colours.line, borderWidth: 2.5 },
          mark(Math.min(MOST_PERCENT, input.presentPercent), 0, 'circle'),
          mark(Math.min(MOST_PERCENT, dose.resultPercent), dose.starchG, 'rectRot'),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        parsing: false,
        events: [],
        scales: {
          x: { type: 'linear', ...axis('thickness, % (○ now, ◆ aim)'), max: MOST_PERCENT },
          y: { type: 'linear', ...axis(`g ${dose.thickener.name}`) },
        },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
      }}
      plugins={[stripes(colours.soft, colours.shade)]}
    />
  );
}
