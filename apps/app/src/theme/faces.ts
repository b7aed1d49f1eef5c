import { AtkinsonHyperlegible_400Regular } from '@expo-google-fonts/atkinson-hyperlegible/400Regular';
import { AtkinsonHyperlegible_700Bold } from '@expo-google-fonts/atkinson-hyperlegible/700Bold';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';

export const faces = { text: 'Atkinson', bold: 'AtkinsonBold', heading: 'Barlow' } as const;

export const faceFiles = {
  [faces.text]: AtkinsonHyperlegible_400Regular,
  [faces.bold]: AtkinsonHyperlegible_700Bold,
  [faces.heading]: BarlowCondensed_600SemiBold,
};
