import { analyse, DEG, makeStandingStance, type Vec3 } from '../src/core'
import { fromStance } from '../src/documents/from-core'
import { bodyOf } from '../src/documents/to-core'
import { expect, type Page, test } from './test'

const PERSON = 'yuki-harland'

/** Legs in planes that face the camera, knees 40° bent, the trunk 12° ahead: put on their bench. */
async function putStance(page: Page) {
  const { person, draft } = await (await page.request.get(`/api/bench/${PERSON}`)).json()
  const body = bodyOf(person.document)
  const standing = makeStandingStance(body)
  const half = body.hipSeparation / 2
  const foot = (side: 'left' | 'right') => ({
    ...standing.feet[side],
    heel: [side === 'left' ? -half : half, 0] as const,
  })
  const stance = {
    ...standing,
    feet: { left: foot('left'), right: foot('right') },
    height: { kneeFlexion: 40 * DEG },
    trunk: { pitch: 12 * DEG, roll: 0, yaw: 0 },
  }
  const put = await page.request.put(`/api/bench/${PERSON}/draft`, {
    data: {
      revision: draft?.revision ?? 0,
      posture: 'parallel',
      school: 'therapeutic',
      stance: fromStance(stance),
    },
  })
  expect(put.ok()).toBe(true)
  return analyse(body, stance)
}

test('a picture of the drawn body says its bend and lean within 3°, and where its centre is within what it is known to', async ({
  page,
}) => {
  // Without a screen for solids the body is drawn level: a picture with known places.
  await page.addInitScript(() => {
    const own = HTMLCanvasElement.prototype.getContext
    HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, kind: string, ...more: never[]) {
      return kind.startsWith('webgl') ? null : (own as never as (...all: unknown[]) => never).call(this, kind, ...more)
    } as never
  })
  const { pose, legs } = await putStance(page)
  await page.goto(`/bench?person=${PERSON}`)
  const figure = page.getByRole('img', { name: /from its right side/ })
  await expect(figure).toHaveAccessibleName(/right knee bent 40°/)
  const png = await figure.screenshot()
  // The centre of mass and the knee are drawn as rings: they tell the picture's scale and where it begins.
  const rings = await figure
    .locator('circle')
    .evaluateAll((all) => all.map((one) => [Number(one.getAttribute('cx')), Number(one.getAttribute('cy'))]))
  const [centre, , knee] = rings as [number[], number[], number[]]
  const { width } = (await figure.boundingBox()) as { width: number }
  const at = (joint: Vec3): [number, number] => {
    const [, y0, z0] = pose.centreOfMass
    const scale = ((knee[1] as number) - (centre[1] as number)) / (z0 - pose.joints.rightKnee[2])
    return [(centre[0] as number) + (joint[1] - y0) * scale, (centre[1] as number) - (joint[2] - z0) * scale]
  }
  const { joints } = pose
  expect(at(joints.rightKnee)[0]).toBeCloseTo(knee[0] as number, 0)

  await page.goto(`/measure?person=${PERSON}&what=picture`)
  const panel = page.getByRole('region', { name: 'a picture', exact: true })
  await panel.locator('input[type=file]').setInputFiles({ name: 'body.png', mimeType: 'image/png', buffer: png })
  const plate = panel.getByRole('application', { name: 'a picture' })
  await expect(plate).toBeVisible()
  const places = [
    ['the heel', joints.rightHeel],
    ['the toes', joints.rightToe],
    ['the ankle', joints.rightAnkle],
    ['the knee', joints.rightKnee],
    ['the hip', joints.rightHip],
    ['the shoulder', joints.rightShoulder],
    ['the ear', joints.vertex],
  ] as const
  for (const [name, joint] of places) {
    await expect(panel.getByText(`Touch: ${name}.`)).toBeVisible()
    const box = (await plate.boundingBox()) as { x: number; y: number; width: number }
    const [x, y] = at(joint)
    await page.mouse.click(box.x + (x / width) * box.width, box.y + (y / width) * box.width)
  }
  const read = async (name: string) => {
    const text = await panel.locator('dt', { hasText: name }).locator('xpath=following-sibling::dd[1]').textContent()
    return Number.parseFloat((text ?? '').replace('−', '-'))
  }
  expect(Math.abs((await read('Knee bent')) - legs.right.flexion / DEG)).toBeLessThan(3)
  expect(Math.abs((await read('Trunk to the front')) - 12)).toBeLessThan(3)
  await expect(panel.getByText(/By the picture the centre is .* ahead of the near heel, ±/)).toBeVisible()
  await expect(panel.getByText('Sideways a picture from the side says nothing.')).toBeVisible()
})
