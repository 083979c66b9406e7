import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Page } from './page';

/** Where there is nothing yet: what belongs here, and where it comes from, the nearest way first. */
export function NothingYet({
  title,
  text,
  ways,
}: {
  title: string;
  text: string;
  ways: { name: string; href: string }[];
}) {
  return (
    <Page title={title}>
      <p>{text}</p>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {ways.map(({ name, href }, i) => (
          <Button
            key={href}
            variant={i === 0 ? 'contained' : 'outlined'}
            {...(i > 0 && { color: 'secondary' as const })}
            component={KitchenLink}
            href={href}
          >
            {name}
          </Button>
        ))}
      </Box>
    </Page>
  );
}
