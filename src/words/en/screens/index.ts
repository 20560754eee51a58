import bench from './bench.json'
import classFit from './class-fit.json'
import house from './house.json'
import lesson from './lesson.json'
import measure from './measure.json'
import path from './path.json'
import people from './people.json'
import postures from './postures.json'
import repertoire from './repertoire.json'
import teach from './teach.json'
import today from './today.json'
import ui from './ui.json'

/** What stands on the screens themselves, by the place where it stands. */
export const screens = { bench, classFit, house, lesson, measure, path, people, postures, repertoire, teach, today, ui }
