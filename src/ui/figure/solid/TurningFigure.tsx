'use client'

import { Canvas, useThree } from '@react-three/fiber'
import { useEffect, useRef } from 'react'
import { PerspectiveCamera, Vector3 } from 'three'
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js'
import type { Analysis } from '@/core'
import { type Place as Pointed, placeOf } from '../place'
import { Ground } from './Ground'
import { inScene, PelvisGrip, SolidBody } from './Solid'

export type Look = 'front' | 'side' | 'three-quarter'

/** Dragging the pelvis: by how many metres it is lower than where it was taken hold of, and letting go. */
export type Lowering = { by: (metres: number) => void; end: () => void }

type TurningFigureProps = {
  analysis: Analysis
  look: Look
  /** Counts up when the same look is asked for again. */
  asked: number
  theme: string
  /** A place that is pointed at. */
  pointed: Pointed | null
  /** Without it the pelvis cannot be taken hold of. */
  lowering: Lowering | undefined
}

/** Where the onlooker stands: in front of the person, at their right, and between. */
const PLACES: Record<Look, [number, number]> = { front: [0, 1], side: [1, 0], 'three-quarter': [0.62, 0.78] }
const FIELD = 25

/** The body in space: turned with the pointer, drawn anew only when something changes. */
export default function TurningFigure(props: TurningFigureProps) {
  const { analysis, look, asked, theme, pointed, lowering } = props
  const colours = readColours(theme)
  return (
    <Canvas frameloop="demand" dpr={[1, 2]} camera={{ fov: FIELD, near: 0.1, far: 30 }} gl={{ alpha: true }}>
      <hemisphereLight args={['#ffffff', '#b9b0a0', 2.6]} />
      <directionalLight position={[2, 3, -3]} intensity={2.2} />
      <directionalLight position={[-2, 1.5, 2]} intensity={0.7} />
      <Onlooker look={look} asked={asked} analysis={analysis} />
      <SolidBody
        pose={analysis.pose}
        colours={{ leg: colours.bodyNear, arm: colours.bodyMid, trunk: colours.bodyMid, head: colours.bodyMid }}
      />
      <Ground analysis={analysis} colours={colours} />
      {pointed && (
        <mesh position={inScene(placeOf(analysis.pose, pointed))} renderOrder={5}>
          <sphereGeometry args={[0.085, 24, 16]} />
          <meshBasicMaterial color={colours.clay} transparent opacity={0.45} depthTest={false} />
        </mesh>
      )}
      {lowering && !analysis.pose.stance.seat && (
        <PelvisGrip at={analysis.pose.pelvis} colour={colours.tide} onLower={lowering.by} onEnd={lowering.end} />
      )}
    </Canvas>
  )
}

function Onlooker({ look, asked, analysis }: { look: Look; asked: number; analysis: Analysis }) {
  const { camera, gl, invalidate, set } = useThree()
  const orbit = useRef<OrbitControls | null>(null)
  const { stature } = analysis.pose.body
  const middle = useRef<[number, number]>([analysis.pose.pelvis[0], analysis.pose.pelvis[1]])
  middle.current = [analysis.pose.pelvis[0], analysis.pose.pelvis[1]]
  useEffect(() => {
    const controls = new OrbitControls(camera, gl.domElement)
    controls.enablePan = false
    controls.minDistance = 1.5
    controls.maxDistance = 9
    controls.maxPolarAngle = Math.PI / 2 + 0.05
    controls.addEventListener('change', () => invalidate())
    orbit.current = controls
    set({ controls: controls as never })
    return () => controls.dispose()
  }, [camera, gl, invalidate, set])
  // biome-ignore lint/correctness/useExhaustiveDependencies: asking for the same look again brings it back
  useEffect(() => {
    const [x, y] = middle.current
    const target = new Vector3(x, stature * 0.5, -y)
    const aspect = camera instanceof PerspectiveCamera ? Math.min(1, camera.aspect / 0.8) : 1
    const distance = (stature * 0.62) / Math.tan((FIELD * Math.PI) / 360) / aspect
    const [right, front] = PLACES[look]
    // The person faces -z of the scene: in front of them is toward -z.
    camera.position.set(target.x + right * distance, stature * 0.62, target.z - front * distance)
    orbit.current?.target.copy(target)
    orbit.current?.update()
    invalidate()
  }, [look, asked, stature, camera, invalidate])
  return null
}

function readColours(theme: string) {
  // Read anew for each theme: the custom properties are those of tokens.css.
  const style = theme ? getComputedStyle(document.documentElement) : getComputedStyle(document.body)
  const read = (name: string) => style.getPropertyValue(name).trim()
  return {
    tide: read('--tide'),
    ink: read('--ink'),
    clay: read('--clay'),
    paper: read('--paper'),
    wood: read('--wood'),
    bodyNear: read('--body-near'),
    bodyMid: read('--body-mid'),
    bodyFar: read('--body-far'),
  }
}
