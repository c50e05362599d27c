import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, got } from '../api/client';
import { DescriptionForm } from '../boat/description-form';
import { Dialog } from '../parts/dialog';

/** Describes a new boat, then goes to it. */
export function AddBoat({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  return (
    <Dialog title="Add a boat" onClose={onClose}>
      <h2 className="stencil mb-3 text-xl">Add a boat</h2>
      <DescriptionForm
        action="Add the boat"
        onCancel={onClose}
        save={async (described) => {
          const boat = await got(api.POST('/api/boats', { body: described }));
          queries.setQueryData(['boat', boat.id], boat);
          void queries.invalidateQueries({ queryKey: ['boats'] });
          onClose();
          void navigate(`/boats/${boat.id}`);
        }}
      />
    </Dialog>
  );
}
