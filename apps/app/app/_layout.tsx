import { Slot } from 'expo-router';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { Door } from '../src/features/signIn/Door';
import { store, useAppSelector } from '../src/store/store';
import { themes } from '../src/theme/theme';
import { Shell } from '../src/ui/Shell';

function Themed() {
  const choice = useAppSelector(({ settings }) => settings.theme);
  const device = useColorScheme() === 'dark' ? 'lights' : 'day';
  return (
    <PaperProvider theme={themes[choice === 'auto' ? device : choice]}>
      <Door>
        <Shell>
          <Slot />
        </Shell>
      </Door>
    </PaperProvider>
  );
}

export default function Layout() {
  return (
    <Provider store={store}>
      <Themed />
    </Provider>
  );
}
