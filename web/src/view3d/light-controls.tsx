import './light-controls.css';
import { chooseMeasures, useMeasures } from '../parts/use-measures';

interface LightControlsProps {
  /** Radians about the model. */
  light: number;
  /** Times the usual. */
  strength: number;
  person: boolean;
  onLight: (light: number) => void;
  onStrength: (strength: number) => void;
  onPerson: (shown: boolean) => void;
}

/** Where the light comes from and how strong it is, and what is shown with the model. */
export function LightControls({ light, strength, person, onLight, onStrength, onPerson }: LightControlsProps) {
  const { system } = useMeasures();
  return (
    <details className="stage-light">
      <summary>Lighting</summary>
      <label>
        turn
        <input
          type="range"
          min={-3.14}
          max={3.14}
          step={0.05}
          value={light}
          onChange={(event) => onLight(Number(event.target.value))}
        />
      </label>
      <label>
        strength
        <input
          type="range"
          min={0.2}
          max={2.5}
          step={0.05}
          value={strength}
          onChange={(event) => onStrength(Number(event.target.value))}
        />
      </label>
      <label>
        <input type="checkbox" checked={person} onChange={(event) => onPerson(event.target.checked)} /> a person for
        scale
      </label>
      <label>
        <input
          type="checkbox"
          checked={system === 'imperial'}
          onChange={(event) => chooseMeasures(event.target.checked ? 'imperial' : 'metric')}
        />{' '}
        feet and inches
      </label>
    </details>
  );
}
