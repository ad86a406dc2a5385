import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';

const KEYS: [string, string][] = [
  ['/', 'search the library'],
  ['Alt  a b c p r h', 'to arrivals, bench, catalogue, projects, rights, health; in some browsers with Shift'],
  ['l', 'line up what has arrived'],
  ['j  k', 'next and previous finding'],
  ['Enter', 'take the proposal in hand'],
  ['a', 'take all sure proposals'],
  ['s', 'set the finding in hand aside, with a reason'],
  ['c', 'compare: received, both, treated'],
  ['f', 'frame the model; on the sheet of parts, go near the chosen and back'],
  ['n', 'the next one on the bench'],
  ['Ctrl or ⌘  a', 'pick every piece of a kit that is shown'],
  ['p', 'play or stop the clip'],
  ['l', 'turn the light'],
  ['t', 'the model turns about its pivot'],
  ['d', 'the model is let go, to see whether it stands'],
  ['o', 'received and treated at one scale, or each framed'],
  ['1 2 3', 'turn it a quarter: over forwards, over sideways, round on the spot; with Shift by half'],
  ['m', 'from a condition to its maps; there, another picture for the one in hand'],
  ['← → ↑ ↓', 'from map to map, on the sheet of maps'],
  ['1 … 9', 'take the first to ninth choice there'],
  ['x  i', 'leave the map in hand out; invert it'],
  ['v', 'squares of 64 texels on the model'],
  ['w  g', 'its collision shape; its levels of detail'],
  ['e', 'from a condition to its parts; there, hang the chosen at the top'],
  ['↑ ↓  Space', 'from part to part, on the sheet of parts; choose one more; with Shift all between'],
  ['→ ←', 'unfold and fold what hangs under it'],
  ['o  g  d  u', 'join the chosen into one, group them, dissolve the group, hang them under another'],
  ['l  c  Shift G', 'group the chosen by their materials, by their names, by what touches'],
  ['Shift S', 'sort what hangs in the chosen groups by name'],
  ['p  m  b', 'split a part into pieces, by material, by faces'],
  ['r  t  y', 'rename, take out, give geometry of its own'],
  ['n  h  v', 'flip its faces outwards, close its holes, bring its vertices together'],
  ['j  k  z', 'how its faces meet; the edges where something is wrong; smooth it'],
  ['Shift X  1 2 3', 'cut along a line; across the middle of its width, height, depth'],
  ['Shift B', 'find hidden, overlapping and intersecting faces'],
  ['Shift L', 'borrow a part or a material from the library'],
  ['a  q  x', 'choose all alike, all of the material, by a box'],
  ['i  w  Esc', 'show the chosen alone, hide them, show all'],
  ['Ctrl or ⌘  z', 'undo the last step on its parts; with Shift do it again'],
  ['← → ↑ ↓', 'turn the model, when the view has the focus'],
  ['+  −', 'nearer and farther, likewise'],
  ['?', 'this list'],
];

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title" component="h2">
        Keys
      </DialogTitle>
      <DialogContent>
        <table>
          <tbody>
            {KEYS.map(([key, words]) => (
              <tr key={words}>
                <td style={{ padding: '3px 18px 3px 0', whiteSpace: 'pre' }}>
                  <kbd>{key}</kbd>
                </td>
                <td>{words}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </DialogContent>
    </Dialog>
  );
}
