import Button from 'react-bootstrap/Button';
import { dropPhoto, keepPhoto, usePhoto } from '../store/photos';
import { useSay } from './Toasts';

/** The one small photo of a cook: shown, taken or chosen, taken away again. It stays in this browser. */
export function Photo({ cookId, name }: { cookId: string; name: string }) {
  const url = usePhoto(cookId);
  const say = useSay();
  return (
    <div className="photo">
      {url && <img src={url} alt={`${name}, as it came to the table`} />}
      <div className="d-flex gap-2 no-print">
        <label className="btn btn-quiet btn-sm">
          {url ? 'Another photo' : 'Add a photo'}
          <input
            type="file"
            accept="image/*"
            className="visually-hidden"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = '';
              if (file) void keepPhoto(cookId, file).then((trouble) => trouble && say(trouble));
            }}
          />
        </label>
        {url && (
          <Button
            size="sm"
            variant="quiet"
            onClick={() =>
              void dropPhoto(cookId).then((back) =>
                say('The photo is gone.', { label: 'Put it back', run: () => void back() }),
              )
            }
          >
            Remove it
          </Button>
        )}
      </div>
    </div>
  );
}
