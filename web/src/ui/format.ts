/** Dates in the order the browser is set to; their words are English, as all words here are. */
export const DATES = globalThis.navigator?.languages?.find((language) => /^en\b/.test(language)) ?? 'en-GB'

/** The decimal sign the browser is set to: a comma or a point, as the service's sentences have it too. */
export const DECIMAL = signOf(globalThis.navigator?.language ?? 'en')

function signOf(language: string): string {
  const parts = new Intl.NumberFormat(language).formatToParts(1.5)
  return parts.find((part) => part.type === 'decimal')?.value === ',' ? ',' : '.'
}

/** A number with at most so many digits after a point, as programs read it. */
export function plain(value: number, digits = 1): string {
  return new Intl.NumberFormat('en', { maximumFractionDigits: digits, useGrouping: false }).format(value)
}

/** The same with the decimal sign of the reader. */
export function num(value: number, digits = 1): string {
  return signed(plain(value, digits))
}

/** A plain number with the decimal sign of the reader. */
export function signed(number: string, sign = DECIMAL): string {
  return number.replace('.', sign)
}

/** A number as it stands in a field: "1,234" could be a thousand, "1,2340" cannot. */
export function typed(value: number, digits: number, sign = DECIMAL): string {
  const number = plain(value, digits)
  return signed(sign === ',' && /^-?[1-9]\d{0,2}\.\d{3}$/.test(number) ? number + '0' : number, sign)
}

/** The number somebody typed with either sign; NaN where it begins with none. */
export function readNumber(text: string): number {
  return parseFloat(text.replace(',', '.'))
}

/** Small numbers keep three figures, large ones lose their fraction. */
export function figures(value: number): string {
  return num(value, figureDigits(value))
}

/** Digits after the point that keep three figures of a small number. */
export function figureDigits(value: number): number {
  const size = Math.abs(value)
  return size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3
}

/** An estimate: two figures are all it is good for. */
export function roughly(value: number): string {
  return significant(value, 2)
}

/** A number to so many figures. */
export function significant(value: number, most: number): string {
  return signed(
    new Intl.NumberFormat('en', { maximumSignificantDigits: most, useGrouping: false }).format(value),
  )
}

/** From a short time span to a longer one, both in the unit of the longer: nobody compares seconds with minutes. */
export function spans(low: number, high: number): string {
  const long = span(high)
  const unit = long.slice(long.lastIndexOf(' ') + 1)
  const each = unit === 'h' ? 3600 : unit === 'min' ? 60 : 1
  const from = num(low / each, each === 1 || low / each >= 10 ? 0 : 1)
  const to = long.slice(0, long.lastIndexOf(' '))
  return from === to ? long : `${from} to ${long}`
}

/** A time span for people. */
export function span(seconds: number): string {
  if (seconds < 90) return `${num(seconds, 0)} s`
  if (seconds >= 7200) return `${num(seconds / 3600, seconds < 36000 ? 1 : 0)} h`
  return `${num(seconds / 60, seconds < 600 ? 1 : 0)} min`
}

/** A day such as "Tue 14 May". */
export function day(iso: string): string {
  if (!iso) return ''
  return new Intl.DateTimeFormat(DATES, { weekday: 'short', day: 'numeric', month: 'short' }).format(
    new Date(iso.length === 10 ? iso + 'T12:00:00' : iso),
  )
}

/** A month such as "May 2030", for what lies far off. */
export function month(iso: string): string {
  return new Intl.DateTimeFormat(DATES, { month: 'short', year: 'numeric' }).format(
    new Date(iso + 'T12:00:00'),
  )
}

/** A moment such as "14 May 2026, 09:30". */
export function moment(iso: string): string {
  return new Intl.DateTimeFormat(DATES, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  }).format(new Date(iso))
}

/** A time of day such as "09:30". */
export function hour(iso: string): string {
  return new Intl.DateTimeFormat(DATES, { hour: '2-digit', minute: '2-digit' }).format(new Date(iso))
}

/** From one time of day to another; one time where they read alike. */
export function between(from: string, to: string): string {
  return hour(from) === hour(to) ? hour(from) : `${hour(from)} to ${hour(to)}`
}

/** First letter large. */
export function upper(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
