/** The next name in a row of like ones: “chisel 2” after “chisel”, “chisel 3” after “chisel 2”. */
export function nextName(name: string): string {
  const numbered = /^(.*\S)\s+(\d{1,3})$/.exec(name)
  return numbered ? `${numbered[1]} ${Number(numbered[2]) + 1}` : `${name} 2`
}
