import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useState } from 'react';
import type { CaseView } from '../../api/client';
import { useDescribe } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';
import { altitudeError, toDetails, toDraft } from '../cases/details';
import { DetailsFields } from '../cases/DetailsFields';

/** Place, canner and jars can change after a case was opened; it is reviewed again at once. */
export function DetailsDialog({ view, onClose }: { view: CaseView; onClose: () => void }) {
  const [draft, setDraft] = useState(() => toDraft(view.details));
  const describe = useDescribe(view.id);
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="details-title">
      <DialogTitle id="details-title">Place, canner and jars</DialogTitle>
      <DialogContent sx={{ pt: '8px !important' }}>
        <DetailsFields draft={draft} onChange={setDraft} />
        <ProblemLine error={describe.error} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={describe.isPending || altitudeError(draft) !== null}
          onClick={() =>
            describe.mutate({ version: view.version, details: toDetails(draft) }, { onSuccess: onClose })
          }
        >
          Review again
        </Button>
      </DialogActions>
    </Dialog>
  );
}
