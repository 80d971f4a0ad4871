/** What a spot is until more is said of it. */
export const USUAL_SPOT = {
  sunHours: 6, sunWhen: 'spread', view: 'one side', pets: false, children: false, underCover: false, dropCm: 0,
  site: { latitudeDeg: 51.5, longitudeDeg: 0, timeZone: 'Europe/London', climate: 'cool-maritime' },
  normals: null, lightFrom: 'told', lightHabit: 'plain', leafHeightCm: 60, obstacles: [], sunLog: [], exposure: 'open', reflects: 'nothing',
  waters: { who: '', everyDays: 1, by: 'can', reservoirL: 0 }, eyes: [], background: [], spillRoomCm: null, ratedLoad: null,
} as const;
