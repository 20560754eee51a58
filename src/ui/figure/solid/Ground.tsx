'use client'

import { useEffect, useMemo } from 'react'
import { BufferGeometry, CanvasTexture, Shape, ShapeGeometry, Vector2, Vector3 } from 'three'
import { type Analysis, DEG, SIDES, type Support, type Vec2, type Vec3 } from '@/core'
import { inScene } from './Solid'

type GroundProps = {
  analysis: Analysis
  colours: { tide: string; ink: string; clay: string; paper: string; wood: string }
}

/** What is under and about the body: the bases, the plumb line, what the hands and the pelvis rest on. */
export function Ground({ analysis, colours }: GroundProps) {
  const { pose, full, usable } = analysis
  const ring = (corners: readonly { x: number; y: number }[]) => corners.map(({ x, y }): Vec2 => [x, y])
  return (
    <>
      <Area ring={ring(usable)} colour={colours.tide} />
      <Edge ring={ring(full)} colour={colours.ink} />
      <Plumb from={pose.centreOfMass} to={[pose.centre[0], pose.centre[1], 0.004]} colour={colours.clay} />
      <mesh position={inScene(pose.centreOfMass)} renderOrder={3}>
        <sphereGeometry args={[0.024, 20, 14]} />
        <meshBasicMaterial color={colours.clay} depthTest={false} />
      </mesh>
      {pose.stance.supports.map((support) => (
        <SupportSolid key={support.hand} support={support} colour={colours.wood} />
      ))}
      {pose.stance.seat && (
        <mesh position={inScene([pose.stance.seat.at[0], pose.stance.seat.at[1], pose.stance.seat.height - 0.02])}>
          <boxGeometry args={[0.42, 0.04, 0.4]} />
          <meshStandardMaterial color={colours.wood} />
        </mesh>
      )}
      {SIDES.map((side) => {
        const over = analysis.findings.some((f) => f.side === side && f.part === 'knee' && f.severity !== 'note')
        const text = `${Math.round(analysis.legs[side].flexion / DEG)}°`
        return (
          <Label
            key={side}
            at={pose.joints[`${side}Knee`]}
            text={text}
            ink={over ? colours.clay : colours.ink}
            paper={colours.paper}
          />
        )
      })}
    </>
  )
}

/** A geometry that is made anew when its makings change, and given back: a drag makes one each frame. */
function useGeometry<G extends BufferGeometry>(make: () => G, makings: readonly unknown[]): G {
  // biome-ignore lint/correctness/useExhaustiveDependencies: the makings are what it is made of
  const geometry = useMemo(make, makings)
  useEffect(() => () => geometry.dispose(), [geometry])
  return geometry
}

function Area({ ring, colour }: { ring: readonly Vec2[]; colour: string }) {
  const geometry = useGeometry(() => new ShapeGeometry(new Shape(ring.map(([x, y]) => new Vector2(x, y)))), [ring])
  return (
    <mesh geometry={geometry} rotation={[-Math.PI / 2, 0, 0]} position={[0, 0.003, 0]}>
      <meshBasicMaterial color={colour} transparent opacity={0.45} />
    </mesh>
  )
}

function Edge({ ring, colour }: { ring: readonly Vec2[]; colour: string }) {
  const geometry = useGeometry(
    () => new BufferGeometry().setFromPoints(ring.map(([x, y]) => new Vector3(...inScene([x, y, 0.004])))),
    [ring],
  )
  return (
    <lineLoop geometry={geometry}>
      <lineBasicMaterial color={colour} />
    </lineLoop>
  )
}

const DASHES = 24

/** The plumb line in dashes, never hidden by the body. */
function Plumb({ from, to, colour }: { from: Vec3; to: Vec3; colour: string }) {
  const geometry = useGeometry(() => {
    const [top, foot] = [new Vector3(...inScene(from)), new Vector3(...inScene(to))]
    const ends = Array.from({ length: 2 * DASHES }, (_, i) => top.clone().lerp(foot, i / (2 * DASHES - 1)))
    return new BufferGeometry().setFromPoints(ends)
  }, [from, to])
  return (
    <lineSegments geometry={geometry} renderOrder={3}>
      <lineBasicMaterial color={colour} depthTest={false} />
    </lineSegments>
  )
}

/** A chair, a wall or a post, as high as the hand on it. */
function SupportSolid({ support, colour }: { support: Support; colour: string }) {
  const [x, y, z] = support.at
  if (support.kind === 'wall') {
    const turn = support.toward ?? 0
    return (
      <mesh position={inScene([x + 0.03 * Math.sin(turn), y - 0.03 * Math.cos(turn), 1])} rotation={[0, turn, 0]}>
        <boxGeometry args={[1.2, 2, 0.03]} />
        <meshStandardMaterial color={colour} transparent opacity={0.35} />
      </mesh>
    )
  }
  return (
    <>
      <mesh position={inScene([x, y, z / 2])}>
        <cylinderGeometry args={[0.015, 0.015, z, 12]} />
        <meshStandardMaterial color={colour} />
      </mesh>
      {support.kind !== 'pole' && support.kind !== 'helper' && (
        <mesh position={inScene([x, y, z])}>
          <boxGeometry args={[0.03, 0.03, 0.4]} />
          <meshStandardMaterial color={colour} />
        </mesh>
      )}
      {support.kind === 'chair-back' && (
        <mesh position={inScene([x + (support.hand === 'right' ? 0.19 : -0.19), y, z / 2])}>
          <boxGeometry args={[0.38, 0.03, 0.4]} />
          <meshStandardMaterial color={colour} />
        </mesh>
      )}
    </>
  )
}

/** The knee's bend, always facing the onlooker and never hidden. */
function Label({ at, text, ink, paper }: { at: Vec3; text: string; ink: string; paper: string }) {
  const texture = useMemo(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 160
    canvas.height = 80
    const pen = canvas.getContext('2d')
    if (pen) {
      pen.font = '650 52px "Atkinson Hyperlegible Next Variable", sans-serif'
      pen.textAlign = 'center'
      pen.textBaseline = 'middle'
      pen.lineWidth = 12
      pen.strokeStyle = paper
      pen.strokeText(text, 80, 42)
      pen.fillStyle = ink
      pen.fillText(text, 80, 42)
    }
    return new CanvasTexture(canvas)
  }, [text, ink, paper])
  useEffect(() => () => texture.dispose(), [texture])
  return (
    <sprite position={inScene([at[0], at[1], at[2] + 0.02])} scale={[0.26, 0.13, 1]} renderOrder={4}>
      <spriteMaterial map={texture} depthTest={false} />
    </sprite>
  )
}
