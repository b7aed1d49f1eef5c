import {
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';

/** Lifted by a pointer that moves a little, or by the space bar; keys then go from place to place. */
export const useDragSensors = (coordinateGetter: KeyboardCoordinateGetter) =>
  useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter, scrollBehavior: 'auto' }),
  );
