import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
} from 'chart.js';
import { PointWithErrorBar, ScatterWithErrorBarsController } from 'chartjs-chart-error-bars';
import { colours, fonts } from '../theme/tokens';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  Filler,
  Legend,
  ScatterWithErrorBarsController,
  PointWithErrorBar,
);
Chart.defaults.font.family = fonts.text;
Chart.defaults.font.size = 13.5;
Chart.defaults.color = colours.soft;
Chart.defaults.borderColor = colours.hair;
Chart.defaults.animation = false;
Chart.defaults.maintainAspectRatio = false;
Chart.defaults.plugins.legend.display = false;

export { Chart };
