import type { ChartConfiguration } from 'chart.js';
import type { IErrorBarXYDataPoint } from 'chartjs-chart-error-bars';
import type { CurvesPicture } from '@fern/core';
import { armStyle } from '../stake/armStyle';
import { colours } from '../theme/tokens';

/** Over time, a curve an arm with the interval of its mean on each reading day. */
export function curvesConfiguration(picture: CurvesPicture): ChartConfiguration {
  const step = picture.arms.length > 1 ? 0.08 : 0;
  const offset = (i: number) => (i - (picture.arms.length - 1) / 2) * step;
  const days = [...new Set(picture.arms.flatMap((arm) => arm.points.map((point) => point.day)))].sort((a, b) => a - b);
  return {
    type: 'scatter',
    data: {
      datasets: picture.arms.map((arm, i) => {
        const look = armStyle(picture.arms, arm.arm);
        return {
          type: 'scatterWithErrorBars' as const,
          label: arm.name,
          // Moved a little sideways, so that bars of the same day do not hide one another.
          data: arm.points.map((point) => {
            const x = point.day + offset(i);
            return {
              x,
              y: point.mean,
              xMin: x,
              xMax: x,
              yMin: point.interval?.[0] ?? point.mean,
              yMax: point.interval?.[1] ?? point.mean,
            } satisfies IErrorBarXYDataPoint;
          }),
          showLine: true,
          stepped: picture.stepped ? ('before' as const) : false,
          borderDash: [...look.dash],
          pointStyle: look.shape,
          pointRadius: 5,
          radius: 5,
          backgroundColor: look.fill,
          borderColor: look.stroke,
          borderWidth: 2,
          errorBarColor: look.stroke,
          errorBarLineWidth: 1.4,
          errorBarWhiskerColor: look.stroke,
          errorBarWhiskerLineWidth: 1.4,
          errorBarWhiskerSize: 6,
        };
      }),
    },
    options: {
      scales: {
        x: {
          type: 'linear',
          title: { display: true, text: 'day after the start', color: colours.ink },
          min: Math.min(0, days[0]),
          max: days[days.length - 1] + 0.5,
          grid: { display: false },
          afterBuildTicks: (axis) => (axis.ticks = days.map((value) => ({ value }))),
        },
        y: {
          type: 'linear',
          title: { display: true, text: picture.axis, color: colours.ink },
          min: picture.range?.[0] ?? 0,
          max: picture.range?.[1],
          grid: { color: colours.hair },
        },
      },
      plugins: {
        tooltip: {
          callbacks: {
            label: ({ dataset, dataIndex, datasetIndex, parsed }) =>
              `${dataset.label}: ${Math.round((parsed.y ?? 0) * 100) / 100} (${picture.arms[datasetIndex].points[dataIndex].units} units)`,
          },
        },
      },
    },
  };
}
