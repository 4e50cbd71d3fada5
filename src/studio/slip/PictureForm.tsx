'use client';

import { useState } from 'react';
import { enoughPixels, wholeFrame, type Frame } from '@/core/pictures/page';
import { given, set, type Wish } from '@/core/places';
import { type Picture } from '@/core/project';
import { type ShopWorker } from '@/workers/client';
import { Field, Notice, Row, Soft, TextButton } from '../parts';
import { PictureCrop } from '../PictureCrop';
import { PictureFocus } from '../PictureFocus';

interface PictureFormProps {
  picture: Picture;
  /** Null until it is there. */
  src: string | null;
  worker: ShopWorker | null;
  onDecide: (wishes: Wish, label: string) => void;
}

/** A picture where it stands: the point that stays in sight, what it shows for those who don't see it, its background. It is the same wherever it is shown. */
export function PictureForm({ picture, src, worker, onDecide }: PictureFormProps) {
  const [says, setSays] = useState(picture.says);
  const [stood, setStood] = useState(picture.says);
  if (stood !== picture.says) {
    setStood(picture.says);
    setSays(picture.says);
  }
  const [said, setSaid] = useState('');
  const [isCropping, setCropping] = useState(false);
  const change = (label: string, next: Partial<Picture>) =>
    onDecide(set(given.picture(picture.name), { ...picture, ...next }), label);
  const takeOut = async () => {
    const cut = await worker?.ask('cutOut', { name: picture.name });
    if (!cut) return;
    if (!cut.ok) return setSaid(cut.say);
    setSaid('The background is out. Undo brings it back.');
    change('Take a background out', { ...cut.value.picture, name: picture.name, says: picture.says });
  };
  const crop = async (frame: Frame) => {
    const cropped = await worker?.ask('crop', { name: picture.name, frame });
    if (!cropped) return;
    if (!cropped.ok) return setSaid(cropped.say);
    setSaid(cropped.value.notes.join(' '));
    setCropping(false);
    change('Crop a picture', cropped.value.picture);
  };
  const isDrawing = picture.type === 'image/svg+xml';
  return (
    <>
      {isCropping ? (
        <PictureCrop
          whole={{ name: picture.name, ...(picture.crop?.whole ?? picture) }}
          frame={picture.crop?.frame ?? wholeFrame}
          onCrop={(frame) => void crop(frame)}
          onLeave={() => setCropping(false)}
        />
      ) : (
        <PictureFocus picture={picture} src={src} onFocus={(focus) => change('Move where to look', { focus })} />
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (says.trim() !== picture.says) change('Describe a picture', { says: says.trim() });
        }}
      >
        <Row style={{ alignItems: 'end', flexWrap: 'nowrap' }}>
          <div style={{ flex: 1 }}>
            <Field label="What it shows, for those who don’t see it" value={says} onChange={setSays} maxLength={300} />
          </div>
          {says.trim() !== picture.says ? <TextButton type="submit">Use it</TextButton> : null}
        </Row>
      </form>
      <Row>
        {isDrawing || isCropping ? null : (
          <TextButton onPress={() => setCropping(true)}>{picture.crop ? 'Crop it otherwise' : 'Crop it'}</TextButton>
        )}
        <TextButton onPress={() => change('Fit a picture', { fit: picture.fit === 'whole' ? 'fill' : 'whole' })}>
          {picture.fit === 'whole' ? 'Fill its place, cropped round the point' : 'Show all of it'}
        </TextButton>
        {picture.ground ? <TextButton onPress={() => void takeOut()}>Take the plain background out</TextButton> : null}
      </Row>
      <div role="status">{said ? <Notice $kind="todo">{said}</Notice> : null}</div>
      {!isDrawing && picture.width < enoughPixels ? (
        <Soft>
          <small>
            {picture.width} × {picture.height} pixels are few: {enoughPixels} across stay sharp where it stands large.
          </small>
        </Soft>
      ) : null}
    </>
  );
}
