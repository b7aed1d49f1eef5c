import { router, type Href } from 'expo-router';

/** Back to where somebody came from; to the page above, where they came by an address. */
export const goBack = (above: Href): void => (router.canGoBack() ? router.back() : router.navigate(above));
