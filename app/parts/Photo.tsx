import Button from 'react-bootstrap/Button';
import { dropPhoto, keepPhoto, usePhoto } from '../store/photos';
import { OpenFile } from './OpenFile';
import { useSay } from './Toasts';

/** The one small photo of a cook: shown, taken or chosen, taken away again. It stays in this browser and goes into the backup. */
export function Photo({ cookId, name }: { cookId: string; name: string }) {
  const url = usePhoto(cookId);
  const say = useSay();
  return (
    <div className="photo">
      {url && <img src={url} alt={`${name}, as it came to the table`} />}
      <div className="d-flex gap-2 no-print">
        <OpenFile
          isSmall
          accept="image/*"
          onFile={(file) => void keepPhoto(cookId, file).then((trouble) => trouble && say(trouble))}
        >
          {url ? 'Another photo' : 'Add a photo'}
        </OpenFile>
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
