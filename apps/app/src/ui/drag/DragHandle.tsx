import type { useDraggable } from '@dnd-kit/core';
import { createElement } from 'react';
import { useColours } from '../../theme/theme';
import { Icon } from '../Icon/Icon';
import { texts } from '../texts';

interface Props {
  name: string;
  draggable: Pick<ReturnType<typeof useDraggable>, 'attributes' | 'listeners' | 'setActivatorNodeRef'>;
}

/** A real button to take hold of, by finger, mouse or keyboard. */
export function DragHandle({ name, draggable: { attributes, listeners, setActivatorNodeRef } }: Props) {
  const { ink } = useColours();
  return createElement(
    'button',
    {
      ...attributes,
      ...listeners,
      ref: setActivatorNodeRef,
      type: 'button',
      'aria-label': texts.move(name),
      style: {
        touchAction: 'none',
        width: 44,
        minHeight: 44,
        padding: 0,
        border: 'none',
        background: 'none',
        cursor: 'grab',
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'center',
      },
    },
    createElement(Icon, { name: 'drag', colour: ink }),
  );
}
