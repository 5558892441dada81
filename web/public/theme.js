// Sets the theme before the first paint, so that a lamp-lit bench is not blinded by a white flash.
;(function () {
  let kept = null
  try {
    kept = localStorage.getItem('truekeen.theme')
  } catch {
    kept = null
  }
  const dark = kept ? kept === 'slate' : window.matchMedia('(prefers-color-scheme: dark)').matches
  document.documentElement.dataset.theme = dark ? 'slate' : 'stone'
})()
