import { useHotkeys } from 'react-hotkeys-hook';
import type { Choosing } from '../../view3d/part-view';
import { PART_ACTIONS, type PartAction } from './part-actions';

/** What each key of the sheet of parts does. */
export interface PartKeys {
  move: (by: number, choosing: Choosing) => void;
  toggle: () => void;
  fold: (isFolded: boolean) => void;
  act: (action: PartAction) => void;
  hang: () => void;
  faces: () => void;
  surface: () => void;
  lookThrough: () => void;
  borrow: () => void;
  box: () => void;
  cut: () => void;
  /** Across the middle of its width, height or depth. */
  cutAcross: (axis: 0 | 1 | 2) => void;
  alike: () => void;
  ofMaterial: () => void;
  alone: () => void;
  hide: () => void;
  frame: () => void;
  undo: () => void;
  redo: () => void;
  search: () => void;
  leave: () => void;
  confirm: () => void;
}

/** Keys of the plan do not count where something else takes them: a field, a list, the view of the model, a button. */
const TAKES_KEYS = 'input, textarea, select, [role="combobox"], .stage-hand, button, a';

/** The keys of the sheet of parts; they stand in the list of keys too. */
export function usePartKeys(keys: PartKeys): void {
  const ofPlan = {
    ignoreEventWhen: (event: KeyboardEvent) =>
      event.target instanceof Element && event.target.closest(TAKES_KEYS) !== null,
    preventDefault: true,
  };
  const instead = { preventDefault: true };
  useHotkeys('down', () => keys.move(1, 'instead'), ofPlan);
  useHotkeys('up', () => keys.move(-1, 'instead'), ofPlan);
  useHotkeys('shift+down', () => keys.move(1, 'also'), ofPlan);
  useHotkeys('shift+up', () => keys.move(-1, 'also'), ofPlan);
  useHotkeys('space', keys.toggle, ofPlan);
  useHotkeys('right', () => keys.fold(false), ofPlan);
  useHotkeys('left', () => keys.fold(true), ofPlan);
  useHotkeys('enter', keys.confirm, ofPlan);
  useHotkeys(
    PART_ACTIONS.map(({ keyName }) => keyName),
    (event) => {
      const pressed = `${event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}`;
      keys.act(PART_ACTIONS.find(({ keyName }) => keyName === pressed)!);
    },
  );
  useHotkeys('r', () => document.getElementById('part-name-field')?.focus(), instead);
  useHotkeys('u', keys.hang);
  useHotkeys('b', keys.faces);
  useHotkeys('j', keys.surface);
  useHotkeys('shift+b', keys.lookThrough);
  useHotkeys('shift+l', keys.borrow, instead);
  useHotkeys('x', keys.box);
  useHotkeys('shift+x', keys.cut);
  useHotkeys(['1', '2', '3'], (event) => keys.cutAcross((Number(event.key) - 1) as 0 | 1 | 2));
  useHotkeys('a', keys.alike);
  useHotkeys('q', keys.ofMaterial);
  useHotkeys('i', keys.alone);
  useHotkeys('w', keys.hide);
  useHotkeys('f', keys.frame);
  useHotkeys('s', keys.search, instead);
  useHotkeys('mod+z', keys.undo, instead);
  useHotkeys('mod+shift+z', keys.redo, instead);
  useHotkeys('escape', keys.leave);
}
