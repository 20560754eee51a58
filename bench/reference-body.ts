import loadPhysics from 'mujoco-js'

/** A 15-segment body of the same joints, in a half squat on two box feet, for a general physics engine. */
const MODEL = `
<mujoco>
  <worldbody>
    <geom type="plane" size="5 5 0.1"/>
    <body name="pelvis" pos="0 0 0.84">
      <freejoint/>
      <geom type="capsule" fromto="-0.08 0 0 0.08 0 0" size="0.09" mass="8"/>
      <body name="trunk" pos="0 0 0.1">
        <joint type="ball"/>
        <geom type="capsule" fromto="0 0 0 0 0 0.35" size="0.11" mass="22"/>
        <body name="head" pos="0 0 0.45"><joint type="ball"/><geom type="sphere" size="0.1" pos="0 0 0.12" mass="5"/></body>
        ${['-1', '1'].map((s) => arm(s)).join('')}
      </body>
      ${['-1', '1'].map((s) => leg(s)).join('')}
    </body>
  </worldbody>
</mujoco>`

function arm(s: string): string {
  return `
        <body pos="${Number(s) * 0.17} 0 0.36"><joint type="ball"/>
          <geom type="capsule" fromto="0 0 0 0 0 -0.27" size="0.04" mass="2"/>
          <body pos="0 0 -0.27"><joint type="hinge" axis="1 0 0"/>
            <geom type="capsule" fromto="0 0 0 0 0 -0.25" size="0.03" mass="1.2"/>
            <body pos="0 0 -0.25"><joint type="hinge" axis="1 0 0"/><geom type="sphere" size="0.04" mass="0.5"/></body>
          </body>
        </body>`
}

function leg(s: string): string {
  return `
      <body pos="${Number(s) * 0.085} 0 0"><joint type="ball"/>
        <geom type="capsule" fromto="0 0 0 0 0.1 -0.38" size="0.06" mass="7"/>
        <body pos="0 0.1 -0.38"><joint type="hinge" axis="1 0 0"/>
          <geom type="capsule" fromto="0 0 0 0 -0.1 -0.39" size="0.045" mass="3"/>
          <body pos="0 -0.1 -0.39"><joint type="hinge" axis="1 0 0"/><joint type="hinge" axis="0 1 0"/>
            <geom type="box" size="0.045 0.12 0.035" pos="0 0.06 -0.036" mass="1"/>
          </body>
        </body>
      </body>`
}

/** The engine's position pass on that body, feet in contact: the reference that an analysis is held against. */
export async function loadReference(): Promise<{ positionPass: () => void; contacts: number; bodies: number }> {
  // biome-ignore lint/suspicious/noExplicitAny: the package's types leave its file system out
  const physics = (await loadPhysics()) as any
  physics.FS.mkdir('/working')
  physics.FS.mount(physics.MEMFS, { root: '.' }, '/working')
  physics.FS.writeFile('/working/body.xml', MODEL)
  const model = physics.MjModel.loadFromXML('/working/body.xml')
  const data = new physics.MjData(model)
  physics.mj_fwdPosition(model, data)
  return { positionPass: () => physics.mj_fwdPosition(model, data), contacts: data.ncon, bodies: model.nbody - 1 }
}
