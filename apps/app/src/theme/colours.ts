/** The colours of the app by what they are for. By day text reaches 7:1 on `ground`, `surface`, `sunk` and `amberSunk`. */
export interface Colours {
  ground: string;
  surface: string;
  sunk: string;
  line: string;
  ink: string;
  inkSoft: string;
  /** What can be pressed and matters most. */
  dusk: string;
  onDusk: string;
  /** The lower-half thread. */
  grass: string;
  /** The arm-action thread, and the stitches. */
  clay: string;
  /** Warnings and the mark of what is chosen. */
  amber: string;
  amberSunk: string;
}

export const day: Colours = {
  ground: '#F5F1E8',
  surface: '#FFFDF8',
  sunk: '#EAE3D3',
  line: '#8A8574',
  ink: '#1D2B2F',
  inkSoft: '#3D4A4C',
  dusk: '#274B6D',
  onDusk: '#FFFDF8',
  grass: '#1E4F35',
  clay: '#7E3117',
  amber: '#C98A2B',
  amberSunk: '#F6E3BC',
};

export const lights: Colours = {
  ground: '#10191C',
  surface: '#18252A',
  sunk: '#0A1114',
  line: '#6E7F84',
  ink: '#F5F1E8',
  inkSoft: '#C9CFC9',
  dusk: '#A9C8E6',
  onDusk: '#10191C',
  grass: '#93CFAC',
  clay: '#EBA88C',
  amber: '#DDA14A',
  amberSunk: '#463514',
};
