import type { ChartConfiguration, ScatterDataPoint } from 'chart.js';
import type { IErrorBarXYDataPoint } from 'chartjs-chart-error-bars';
import type { DotsPicture } from '@fern/core';
import { armStyle } from '../stake/armStyle';
import { colours } from '../theme/tokens';

const JITTER = [0, 0.13, -0.13, 0.07, -0.07, 0.19, -0.19, 0.03, -0.1];

/** Arms as rows: each unit a dot, below it the mean with its interval. */
export function dotsConfiguration(picture: DotsPicture): ChartConfiguration {
  const rows = picture.arms.length;
  const dots = picture.arms.map((arm, i) => {
    const look = armStyle(picture.arms, arm.arm);
    return {
      type: 'scatter' as const,
      label: arm.name,
      data: arm.units.map(({ value }, k): ScatterDataPoint => ({ x: value, y: i - 0.12 + JITTER[k % JITTER.length] })),
      pointStyle: look.shape,
      pointRadius: rows > 6 ? 4 : 5,
      pointHoverRadius: 7,
      backgroundColor: look.hollow ? colours.paper : `${look.fill}99`,
      borderColor: look.stroke,
      borderWidth: 1.5,
    };
  });
  const means = picture.arms.flatMap((arm, i) => {
    const look = armStyle(picture.arms, arm.arm);
    if (arm.mean === null) return [];
    const point: IErrorBarXYDataPoint = arm.interval
      ? { x: arm.mean, y: i + 0.27, xMin: arm.interval[0], xMax: arm.interval[1], yMin: i + 0.27, yMax: i + 0.27 }
      : ({ x: arm.mean, y: i + 0.27 } as IErrorBarXYDataPoint);
    return [
      {
        type: 'scatterWithErrorBars' as const,
        label: `${arm.name}, mean`,
        data: [point],
        pointStyle: look.shape,
        pointRadius: 7,
        radius: 7,
        backgroundColor: look.fill,
        borderColor: look.stroke,
        borderWidth: 2,
        errorBarColor: look.stroke,
        errorBarLineWidth: 3.5,
        errorBarWhiskerColor: look.stroke,
        errorBarWhiskerLineWidth: 2,
        errorBarWhiskerSize: 10,
      },
    ];
  });
  return {
    type: 'scatter',
    data: { datasets: [...dots, ...means] },
    options: {
      layout: { padding: { right: 10 } },
      scales: {
        x: {
          type: 'linear',
          title: { display: true, text: picture.axis, color: colours.ink },
          min: picture.range?.[0],
          max: picture.range?.[1],
          grid: { color: colours.hair },
        },
        y: {
          type: 'linear',
          min: -0.6,
          max: rows - 0.4,
          reverse: true,
          grid: { display: false },
          border: { display: false },
          afterBuildTicks: (axis) => (axis.ticks = picture.arms.map((_, i) => ({ value: i }))),
          ticks: {
            autoSkip: false,
            color: colours.ink,
            font: { size: 14.5 },
            callback: (value) => wrapName(picture.arms[Number(value)]?.name ?? ''),
          },
        },
      },
      plugins: {
        tooltip: {
          callbacks: {
            label: ({ datasetIndex, dataIndex, parsed }) => {
              const arm = picture.arms[datasetIndex];
              const value = Math.round((parsed.x ?? 0) * 100) / 100;
              return arm ? `${arm.units[dataIndex].unit}: ${value}` : `mean ${value}`;
            },
          },
        },
      },
    },
  };
}

/** Long names break into lines of about eighteen letters, three at the most. */
function wrapName(name: string): string[] {
  const lines: string[] = [''];
  for (const word of name.split(' ')) {
    const last = lines[lines.length - 1];
    if (last !== '' && last.length + word.length > 18) lines.push(word);
    else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
  }
  const shown = lines.map((line) => (line.length > 22 ? `${line.slice(0, 21)}…` : line));
  return shown.length > 3 ? [...shown.slice(0, 2), `${shown[2]} …`] : shown;
}
