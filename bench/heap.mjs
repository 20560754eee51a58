/** The heap in bytes, and what of it is code that the engine compiled meanwhile. */
export async function weighHeap(session) {
  let text = ''
  const take = ({ chunk }) => {
    text += chunk
  }
  session.on('HeapProfiler.addHeapSnapshotChunk', take)
  await session.send('HeapProfiler.collectGarbage')
  await session.send('HeapProfiler.takeHeapSnapshot', { reportProgress: false })
  session.off('HeapProfiler.addHeapSnapshotChunk', take)
  const { snapshot, nodes } = JSON.parse(text)
  const { node_fields: fields, node_types: types } = snapshot.meta
  const [type, size] = [fields.indexOf('type'), fields.indexOf('self_size')]
  const weights = { all: 0, code: 0 }
  for (let i = 0; i < nodes.length; i += fields.length) {
    weights.all += nodes[i + size]
    if (types[type][nodes[i + type]] === 'code') weights.code += nodes[i + size]
  }
  return weights
}
