export { init, use } from 'echarts/core';
