import { useWindowDimensions } from 'react-native';

/** Wide enough for a list beside its detail. */
export const useWide = (): boolean => useWindowDimensions().width >= 900;
