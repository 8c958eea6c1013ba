import { Box, Dialog, DialogContent, DialogTitle } from '@mui/material';

const rows: [string, string][] = [
  ['n', 'next finding'],
  ['p', 'previous finding'],
  ['e', 'show the words the finding rests on'],
  ['w', 'findings by weight, or in the order of the text'],
  ['m', 'show or fold what is in order'],
  ['f', 'the findings'],
  ['c', 'correct it: edits, what-if, the corrected recipe'],
  ['a', 'what was read'],
  ['t', 'beside the tested recipe'],
  ['b', 'the case file: notes, letters, photos, cases like it'],
  ['d', 'set the finding aside, with a reason'],
  ['r', 'write the reply'],
  ['i', 'back to Incoming'],
  ['?', 'this sheet'],
];

export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="key-sheet">
      <DialogTitle id="key-sheet">Keys</DialogTitle>
      <DialogContent>
        <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '3rem 1fr', gap: 1, m: 0 }}>
          {rows.map(([key, what]) => (
            <Box key={key} sx={{ display: 'contents' }}>
              <Box component="dt" sx={{ fontWeight: 700 }}>
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {what}
              </Box>
            </Box>
          ))}
        </Box>
      </DialogContent>
    </Dialog>
  );
}
