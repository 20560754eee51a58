import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import {
  DEG,
  InputError,
  PHOTO_FIGURES,
  PHOTO_POINTS,
  type PhotoReading,
  type PhotoSetting,
  readPhoto,
  type Vec2,
} from '@/core'
import { readFigure } from '@/documents/read-figure'
import type { StanceBody } from '@/documents/stance-document'
import { OpenFileButton } from '@/ui/files/OpenFileButton'
import { Field } from '@/ui/forms/Field'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import { sayCentimetres, sayDegrees } from '@/words/figures'
import { BenchButton } from '../BenchButton'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'
import { computedLines } from './computed'
import { PictureCentre } from './PictureCentre'
import { type Handle, PointPlate } from './PointPlate'
import { deletePicture, type KeptPicture, keepPicture, listPictures } from './store'

const LIMBS = [
  ['heel', 'toe'],
  ['ankle', 'knee'],
  ['knee', 'hip'],
  ['hip', 'shoulder'],
  ['shoulder', 'ear'],
] as const
const EXTRA = { plumb: ['plumbTop', 'plumbFoot'], known: ['knownFrom', 'knownTo'] } as const

type Shown = Omit<KeptPicture, 'image'> & { image: Blob; src: string; width: number; height: number }

/** A picture from the side or the front: points set by hand, angles out of them, and the stance set from it. */
export function Picture({ body, done, day, onKeep, person }: PanelProps) {
  const say = useSay('measure.picture')
  const words = useWords()
  const [shown, setShown] = useState<Shown | null>(null)
  const [kept, setKept] = useState<readonly KeptPicture[]>([])
  const [drawing, setDrawing] = useState<'points' | 'plumb' | 'known'>('points')
  const [ends, setEnds] = useState<Partial<Record<string, Vec2>>>({})
  const [cm, setCm] = useState('20')
  const [told, setTold] = useState<string | null>(null)
  const list = () => listPictures(person).then(setKept, () => setTold(say('notKept')))
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for a person
  useEffect(() => void list(), [person])
  // biome-ignore lint/correctness/useExhaustiveDependencies: let go of with the picture
  useEffect(
    () => () => {
      if (shown) URL.revokeObjectURL(shown.src)
    },
    [shown?.src],
  )

  const show = async (picture: KeptPicture) => {
    try {
      const { width, height } = await createImageBitmap(picture.image)
      setShown({ ...picture, src: URL.createObjectURL(picture.image), width, height })
      setEnds({
        ...(picture.plumb && { plumbTop: picture.plumb[0], plumbFoot: picture.plumb[1] }),
        ...(picture.known && { knownFrom: picture.known.from, knownTo: picture.known.to }),
      })
      if (picture.known) setCm(String(picture.known.length * 100))
      setDrawing('points')
      setTold(null)
    } catch {
      setTold(say('noPicture'))
    }
  }
  const bring = (image: File) =>
    show({
      id: crypto.randomUUID(),
      person,
      on: day,
      image,
      points: {},
      plumb: null,
      known: null,
      view: 'side',
      facing: 'right',
    })

  const plumb = ends.plumbTop && ends.plumbFoot ? ([ends.plumbTop, ends.plumbFoot] as [Vec2, Vec2]) : null
  const length = readFigure(cm) / 100
  const known = ends.knownFrom && ends.knownTo && length > 0 ? { from: ends.knownFrom, to: ends.knownTo, length } : null
  const setting: PhotoSetting | null = shown && {
    view: shown.view,
    facing: shown.facing,
    legLength: (body.shank.left + body.shank.right + body.thigh.left + body.thigh.right) / 2,
    ...(plumb && { plumb }),
    ...(known && { known }),
  }
  const reading = shown && setting && readOrSay(() => readPhoto(shown.points, setting))
  const next = !shown
    ? null
    : drawing === 'points'
      ? (PHOTO_POINTS.find((name) => !shown.points[name]) ?? null)
      : (EXTRA[drawing].find((name) => !ends[name]) ?? null)
  const place = (name: string, at: Vec2) => {
    if (name in { plumbTop: 1, plumbFoot: 1, knownFrom: 1, knownTo: 1 })
      setEnds((before) => ({ ...before, [name]: at }))
    else setShown((before) => before && { ...before, points: { ...before.points, [name]: at } })
  }
  const figures = reading && 'metresInPixel' in reading ? reading : null
  const keep = async () => {
    if (!shown) return
    const { src: _, width: __, height: ___, ...picture } = shown
    try {
      await keepPicture({ ...picture, plumb, known })
      await list()
      setTold(say('kept'))
    } catch {
      setTold(say('notKept'))
    }
    const { trunkPitch } = figures ?? {}
    // From the front the right of the picture is their left; what a picture does not show is not said.
    if (trunkPitch)
      onKeep({
        what: 'tilt',
        of: 'trunk',
        ...(shown.view === 'side' ? { pitchDeg: tenth(trunkPitch.value) } : { rollDeg: tenth(-trunkPitch.value) }),
        spreadDeg: tenth(trunkPitch.sd),
      })
  }
  return (
    <div className={styles.panel}>
      <p className={styles.acts}>
        <OpenFileButton label={say('bring')} accept="image/*" onFile={bring}>
          {say('bring')}
        </OpenFileButton>
        {shown && (
          <>
            <ChoiceWord
              label={say('view')}
              value={shown.view}
              choices={(['side', 'front'] as const).map((value) => ({ value, name: say(`views.${value}`) }))}
              onChoose={(view) => setShown({ ...shown, view })}
            />
            {shown.view === 'side' && (
              <ChoiceWord
                label={say('facing')}
                value={shown.facing}
                choices={(['right', 'left'] as const).map((value) => ({ value, name: say(`facings.${value}`) }))}
                onChoose={(facing) => setShown({ ...shown, facing })}
              />
            )}
            <ChoiceWord
              label={say('drawing')}
              value={drawing}
              choices={(['points', 'plumb', 'known'] as const).map((value) => ({
                value,
                name: say(`drawings.${value}`),
              }))}
              onChoose={setDrawing}
            />
            {drawing === 'known' && (
              <label className={styles.short}>
                {say('cm')}
                <Field inputMode="decimal" value={cm} onChange={(event) => setCm(event.target.value)} />
              </label>
            )}
          </>
        )}
      </p>
      {told && <p role="status">{told}</p>}
      {shown && (
        <>
          <p className={styles.big} aria-live="polite">
            {next ? say('next', { point: say(`points.${next}`) }) : say('all')}
          </p>
          <div className={styles.picture}>
            <PointPlate
              src={shown.src}
              width={shown.width}
              height={shown.height}
              handles={handlesOf(shown, ends)}
              lines={[
                ...(figures ? computedLines(done, body, shown, figures, plumb) : []),
                ...LIMBS.flatMap(([a, b]) => {
                  const [from, to] = [shown.points[a], shown.points[b]]
                  return from && to ? [{ from, to, kind: 'limb' as const }] : []
                }),
                ...(plumb ? [{ from: plumb[0], to: plumb[1], kind: 'plumb' as const }] : []),
                ...(known ? [{ from: known.from, to: known.to, kind: 'known' as const }] : []),
              ]}
              next={next}
              onPlace={place}
            />
            <div>
              {figures && <Figures reading={figures} front={shown.view === 'front'} />}
              {figures && setting && <PictureCentre points={shown.points} setting={setting} body={body} done={done} />}
              {reading && 'field' in reading && shown.points.hip && <p>{sayFieldError(reading, words)}</p>}
              <p className={styles.acts}>
                <Button variant="contained" onClick={keep}>
                  {words.say('measure.keep')}
                </Button>
                {figures?.kneeFlexion && shown.view === 'side' && (
                  <BenchButton
                    person={person}
                    done={done}
                    measured={(stance) => measuredBy(figures, stance, shown.facing)}
                  />
                )}
              </p>
            </div>
          </div>
        </>
      )}
      {kept.length > 0 && (
        <section aria-label={say('keptHere')} className={styles.history}>
          <h2>{say('keptHere')}</h2>
          <ul>
            {kept.map((one) => (
              <li key={one.id}>
                <Button onClick={() => show(one)}>
                  {words.day(one.on)}, {say(`views.${one.view}`)}
                </Button>{' '}
                <Button
                  onClick={async () => {
                    await deletePicture(one.id)
                    if (shown?.id === one.id) setShown(null)
                    await list()
                  }}
                >
                  {say('delete')}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}

const tenth = (radians: number) => Math.round((radians / DEG) * 10) / 10 + 0

/** Trunk and the knee that is near the camera (facing the right it is their right one); never straighter than straight. */
const measuredBy = (
  { kneeFlexion, trunkPitch }: PhotoReading,
  { trunk }: StanceBody,
  near: 'left' | 'right',
): Partial<StanceBody> => ({
  ...(kneeFlexion && { height: { kneeFlexionDeg: Math.max(0, Math.round(kneeFlexion.value / DEG)), leg: near } }),
  ...(trunkPitch && { trunk: { ...trunk, pitchDeg: Math.round(trunkPitch.value / DEG) } }),
})

function readOrSay(read: () => PhotoReading): PhotoReading | InputError {
  try {
    return read()
  } catch (error) {
    if (error instanceof InputError) return error
    throw error
  }
}

const handlesOf = ({ points }: Shown, ends: Partial<Record<string, Vec2>>): Handle[] => [
  ...PHOTO_POINTS.flatMap((name): Handle[] => (points[name] ? [{ name, at: points[name], kind: 'point' }] : [])),
  ...(['plumb', 'known'] as const).flatMap((kind) =>
    EXTRA[kind].flatMap((name): Handle[] => (ends[name] ? [{ name, at: ends[name], kind }] : [])),
  ),
]

/** Angles and distances with what they are known to. From the front only what leans to a side says something. */
function Figures({ reading, front }: { reading: PhotoReading; front: boolean }) {
  const t = useSay('screens.measure')
  const say = useSay('measure.picture')
  const words = useWords()
  const names = PHOTO_FIGURES.filter((name) => !front || name === 'trunkPitch' || name === 'shankTilt')
  return (
    <dl className={styles.figuresOf}>
      {names.flatMap((name) => {
        const figure = reading[name]
        if (!figure) return []
        const unit =
          name === 'kneePastToes' || name === 'hipPastHeel' || name === 'shoulderOverHip' ? sayCentimetres : sayDegrees
        return [
          <dt key={name}>{say(`figures.${front ? t('nameFront', { name }) : name}`)}</dt>,
          <dd key={`${name} value`}>
            {unit(figure.value, words)} <small>±{unit(figure.sd, words)}</small>
          </dd>,
        ]
      })}
    </dl>
  )
}
