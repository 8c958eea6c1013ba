import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { green, paper, serif } from '../../theme/theme';
import { usePublicOffice } from './queries';

/** The page around what canners see: the office's name, and nothing of the desk. */
export function PublicFrame({ language, children }: { language: string; children: ReactNode }) {
  const office = usePublicOffice();
  return (
    <Box lang={language} sx={{ minHeight: '100vh' }}>
      <Box
        component="header"
        className="no-print"
        sx={{ backgroundColor: green, color: paper, px: 2, py: 1 }}
      >
        <Typography sx={{ font: `600 1.1rem ${serif}`, maxWidth: 680, mx: 'auto' }}>
          {office.data?.name || 'Food Preservation Desk'}
        </Typography>
      </Box>
      <Box component="main" sx={{ maxWidth: 680, mx: 'auto', p: 2 }}>
        {children}
      </Box>
    </Box>
  );
}
