import { Slot } from 'expo-router';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { AuthGate } from '../src/features/signIn/AuthGate';
import { store, useAppSelector } from '../src/store/store';
import { themes } from '../src/theme/theme';
import { Shell } from '../src/ui/Shell/Shell';

function Themed() {
  const choice = useAppSelector(({ settings }) => settings.theme);
  const device = useColorScheme() === 'dark' ? 'lights' : 'day';
  return (
    <PaperProvider theme={themes[choice === 'auto' ? device : choice]}>
      <AuthGate>
        <Shell>
          <Slot />
        </Shell>
      </AuthGate>
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
