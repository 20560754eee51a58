'use client'

import { type ThreeEvent, useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import { BufferGeometry, CylinderGeometry, Float32BufferAttribute, Quaternion, SphereGeometry, Vector3 } from 'three'
import type { Pose, Vec3 } from '@/core'
import { type Ball, findHead, listBodyParts, listTrunkRings, type Tone, type TrunkRing } from '../body-parts'

/** The scene's y is up: floor (x, y, z) lies at (x, z, -y), so that the person faces away from +z's viewer. */
export const inScene = ([x, y, z]: Vec3): [number, number, number] => [x, z, -y]

export type Colours = Record<Tone, string>

const UP = new Vector3(0, 1, 0)
const SPHERE = new SphereGeometry(1, 24, 16)

/** The body of a pose as solid parts with the person's proportions. */
export function SolidBody({ pose, colours }: { pose: Pose; colours: Colours }) {
  return (
    <>
      {listBodyParts(pose).map((part) => (
        <Chain key={part.key} balls={part.balls} colour={colours[part.tone]} />
      ))}
      <Trunk rings={listTrunkRings(pose)} colour={colours.trunk} />
      <Head pose={pose} colour={colours.head} />
    </>
  )
}

/** Balls in a row with tapered pieces between them; a foot's heel and ball both hang on the ankle. */
function Chain({ balls, colour }: { balls: readonly Ball[]; colour: string }) {
  const [first, ...rest] = balls
  const pieces = rest.map((ball, i) => [balls[i] as Ball, ball] as const)
  const brace = balls.length === 4 ? ([[first as Ball, rest[1] as Ball]] as const) : []
  return (
    <>
      {balls.map((ball, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a part's balls keep their places
        <mesh key={i} geometry={SPHERE} position={inScene(ball.at)} scale={ball.r}>
          <meshStandardMaterial color={colour} roughness={0.85} />
        </mesh>
      ))}
      {[...pieces, ...brace].map(([a, b], i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a part's pieces keep their places
        <Piece key={i} a={a} b={b} colour={colour} />
      ))}
    </>
  )
}

function Piece({ a, b, colour }: { a: Ball; b: Ball; colour: string }) {
  const geometry = useMemo(() => new CylinderGeometry(b.r, a.r, 1, 24, 1, true), [a.r, b.r])
  useEffect(() => () => geometry.dispose(), [geometry])
  const from = new Vector3(...inScene(a.at))
  const to = new Vector3(...inScene(b.at))
  const length = from.distanceTo(to)
  const turn = new Quaternion().setFromUnitVectors(UP, to.clone().sub(from).normalize())
  return (
    <mesh geometry={geometry} position={from.lerp(to, 0.5)} quaternion={turn} scale={[1, length, 1]}>
      <meshStandardMaterial color={colour} roughness={0.85} />
    </mesh>
  )
}

const AROUND = 28

/** The trunk as a skin over its rings, closed above and below. */
function Trunk({ rings, colour }: { rings: readonly TrunkRing[]; colour: string }) {
  const geometry = useMemo(() => {
    const points: number[] = []
    for (const { centre, wide, deep, yaw } of rings) {
      for (let i = 0; i < AROUND; i++) {
        const turn = (2 * Math.PI * i) / AROUND
        const across = wide * Math.cos(turn)
        const ahead = deep * Math.sin(turn)
        const x = centre[0] + across * Math.cos(yaw) - ahead * Math.sin(yaw)
        const y = centre[1] + across * Math.sin(yaw) + ahead * Math.cos(yaw)
        points.push(...inScene([x, y, centre[2]]))
      }
    }
    const faces: number[] = []
    for (let k = 0; k + 1 < rings.length; k++) {
      for (let i = 0; i < AROUND; i++) {
        const [a, b] = [k * AROUND + i, k * AROUND + ((i + 1) % AROUND)]
        faces.push(a, b, a + AROUND, b, b + AROUND, a + AROUND)
      }
    }
    for (const [k, flip] of [
      [0, true],
      [rings.length - 1, false],
    ] as const) {
      for (let i = 1; i + 1 < AROUND; i++) {
        const [a, b, c] = [k * AROUND, k * AROUND + i, k * AROUND + i + 1]
        faces.push(...(flip ? [a, c, b] : [a, b, c]))
      }
    }
    const skin = new BufferGeometry()
    skin.setAttribute('position', new Float32BufferAttribute(points, 3))
    skin.setIndex(faces)
    skin.computeVertexNormals()
    return skin
  }, [rings])
  useEffect(() => () => geometry.dispose(), [geometry])
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial color={colour} roughness={0.9} />
    </mesh>
  )
}

function Head({ pose, colour }: { pose: Pose; colour: string }) {
  const { centre, wide, deep, tall, yaw } = findHead(pose)
  return (
    <mesh geometry={SPHERE} position={inScene(centre)} rotation={[0, yaw, 0]} scale={[wide, tall, deep]}>
      <meshStandardMaterial color={colour} roughness={0.85} />
    </mesh>
  )
}

/** A grip at the pelvis: dragging it down bends the knees. */
export function PelvisGrip({
  at,
  colour,
  onLower,
  onEnd,
}: {
  at: Vec3
  colour: string
  onLower: (metres: number) => void
  onEnd: () => void
}) {
  const { camera, size, controls } = useThree()
  const onPointerDown = (event: ThreeEvent<PointerEvent>) => {
    event.stopPropagation()
    const orbit = controls as { enabled: boolean } | null
    if (orbit) orbit.enabled = false
    const startY = event.nativeEvent.clientY
    const distance = camera.position.distanceTo(new Vector3(...inScene(at)))
    const metresPerPixel = (2 * distance * Math.tan((25 * Math.PI) / 360)) / size.height
    const move = (e: PointerEvent) => onLower((e.clientY - startY) * metresPerPixel)
    const end = () => {
      window.removeEventListener('pointermove', move)
      window.removeEventListener('pointerup', end)
      if (orbit) orbit.enabled = true
      onEnd()
    }
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', end)
    onLower(0)
  }
  return (
    <mesh geometry={SPHERE} position={inScene(at)} scale={0.13} onPointerDown={onPointerDown} renderOrder={2}>
      <meshBasicMaterial color={colour} transparent opacity={0.16} depthTest={false} />
    </mesh>
  )
}
