const steel = { className: 'steel', strokeWidth: 1.6 }
const wood = {
  fill: 'var(--color-base-300)',
  stroke: 'var(--color-base-content)',
  strokeWidth: 1.4,
}

function Frame({ children }: { children: React.ReactNode }) {
  return (
    <svg viewBox="0 0 120 60" className="w-full max-w-[8rem]" aria-hidden="true">
      {children}
    </svg>
  )
}

/** A tool in outline, as it lies on the bench. */
export function ToolDrawing({ kind }: { kind: string }) {
  switch (kind) {
    case 'CHISEL':
      return (
        <Frame>
          <path d="M6 22H58V38H6Z" {...steel} />
          <path d="M58 26H66V34H58Z" {...steel} />
          <path d="M66 22Q90 16 114 22V38Q90 44 66 38Z" {...wood} />
        </Frame>
      )
    case 'IRON':
      return (
        <Frame>
          <path d="M8 12H108Q114 30 108 48H8Z" {...steel} />
          <path d="M40 27H88V33H40Z" fill="var(--color-base-100)" stroke="var(--steel-line)" />
        </Frame>
      )
    case 'KNIFE':
      return (
        <Frame>
          <path d="M4 30Q30 46 74 44V18H30Q12 20 4 30Z" {...steel} />
          <path d="M74 20H116V34Q96 40 74 36Z" {...wood} />
        </Frame>
      )
    case 'POCKET':
      return (
        <Frame>
          <path d="M6 24Q26 38 56 37V20Q24 16 6 24Z" {...steel} />
          <path d="M52 18Q84 14 112 24Q118 32 108 38Q80 44 52 40Z" {...wood} />
          <circle cx="58" cy="29" r="3" fill="var(--color-base-content)" />
        </Frame>
      )
    case 'AXE':
      return (
        <Frame>
          <path d="M8 6Q2 22 10 40L46 32V14Z" {...steel} />
          <path d="M44 16H56V56H46Z" {...wood} />
        </Frame>
      )
    case 'SHEARS':
      return (
        <Frame>
          <path d="M4 20L66 30L64 36Z" {...steel} />
          <path d="M4 42L66 32L64 26Z" {...steel} />
          <path
            d="M64 30Q90 10 114 16M64 32Q90 52 114 46"
            fill="none"
            stroke="var(--color-base-content)"
            strokeWidth="7"
          />
          <circle cx="64" cy="31" r="3" fill="var(--color-base-100)" />
        </Frame>
      )
    case 'DRAWKNIFE':
      return (
        <Frame>
          <path d="M18 12H102V28H18Z" {...steel} />
          <path d="M10 12H18V54H8Z" {...wood} />
          <path d="M102 12H110L112 54H102Z" {...wood} />
        </Frame>
      )
    default:
      return (
        <Frame>
          <path d="M4 24H50V36H4ZM70 24H116V36H70Z" {...steel} />
          <path d="M46 22H74V38H46Z" {...steel} />
          <circle cx="60" cy="30" r="5" fill="var(--color-base-100)" stroke="var(--steel-line)" />
        </Frame>
      )
  }
}

/** A stone, plate, paper, rod or strop in outline, and what holds an angle. */
export function KitDrawing({ kind }: { kind: string }) {
  switch (kind) {
    case 'TWO_SIDED':
      return (
        <Frame>
          <path d="M10 20H110V32H10Z" {...wood} />
          <path
            d="M10 32H110V46H10Z"
            fill="var(--steel)"
            stroke="var(--color-base-content)"
            strokeWidth="1.4"
          />
        </Frame>
      )
    case 'STONE':
      return (
        <Frame>
          <path d="M10 20H110V44H10Z" {...wood} />
          {[20, 36, 52, 68, 84, 100].map((x) => (
            <circle key={x} cx={x} cy={26 + (x % 3) * 6} r="1.6" fill="var(--color-base-content)" />
          ))}
        </Frame>
      )
    case 'PLATE':
      return (
        <Frame>
          <path d="M10 26H110V36H10Z" {...steel} />
          <path d="M14 26H106" stroke="var(--color-base-content)" strokeWidth="3" strokeDasharray="1.5 3" />
        </Frame>
      )
    case 'PAPER':
      return (
        <Frame>
          <path d="M6 34H114V42H6Z" fill="none" stroke="var(--color-base-content)" strokeWidth="1.4" />
          <path d="M16 30H100Q108 30 106 24" fill="none" stroke="var(--color-warning)" strokeWidth="4" />
        </Frame>
      )
    case 'ROD':
      return (
        <Frame>
          <path
            d="M6 27H84V33H6Z"
            fill="var(--color-base-100)"
            stroke="var(--color-base-content)"
            strokeWidth="1.4"
          />
          <path d="M84 22H114V38H84Z" {...wood} />
        </Frame>
      )
    case 'STROP':
      return (
        <Frame>
          <path d="M8 24H92V36H8Z" {...wood} />
          <path d="M8 20H92V24H8Z" fill="var(--color-warning)" />
          <path d="M92 27H114V33H92Z" {...wood} />
        </Frame>
      )
    case 'FILE':
      return (
        <Frame>
          <path d="M6 24H84V36H6Z" {...steel} />
          <path
            d={'M12 36L20 24M22 36L30 24M32 36L40 24M42 36L50 24M52 36L60 24M62 36L70 24M72 36L80 24'}
            stroke="var(--color-base-content)"
          />
          <path d="M84 27H114V33H84Z" {...wood} />
        </Frame>
      )
    case 'ROLLER_GUIDE':
      return (
        <Frame>
          <path d="M4 40L70 16H92L18 44Z" {...steel} />
          <path d="M52 18L84 12L88 32L58 40Z" {...wood} />
          <circle
            cx="72"
            cy="44"
            r="10"
            fill="var(--color-base-100)"
            stroke="var(--color-base-content)"
            strokeWidth="2"
          />
        </Frame>
      )
    default:
      return (
        <Frame>
          <path d="M6 42L64 22H74L20 46Z" {...steel} />
          <path d="M56 26Q66 8 84 12Q108 14 112 30Q100 46 76 40Q60 38 56 26Z" {...wood} />
        </Frame>
      )
  }
}
