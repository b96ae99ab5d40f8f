/** The one palette: of the page, of pictures and of paper. */
export const colours = {
  ground: '#F2F5EF',
  paper: '#FFFFFF',
  ink: '#14302A',
  soft: '#4A615A',
  rail: '#12352D',
  line: '#CBD5CB',
  hair: '#DFE6DD',
  border: '#788C82',
  sprout: '#2F7D4F',
  sproutDark: '#1F5C39',
  sproutPale: '#CBE2CC',
  sproutWash: '#E3F0E4',
  pollen: '#E2A400',
  pollenWash: '#FBF1D2',
  rust: '#A63D1E',
  rustWash: '#F8E6DE',
} as const;
