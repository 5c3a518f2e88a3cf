const TINTS = ['onion', 'root', 'meat', 'veg', 'grain', 'leaf', 'tomato', 'dairy', 'fruit'] as const;

/** Own textures: onion crescents, meat ovals, cubes, grains, tubes, leaves, thick waves. */
export function PotPatterns() {
  return (
    <defs>
      {TINTS.map((tint) => (
        <g key={tint} style={{ color: `var(--f-${tint}-line)` }}>
          <pattern id={`slices-${tint}`} width="34" height="15" patternUnits="userSpaceOnUse">
            <rect width="34" height="15" fill={`var(--f-${tint})`} />
            <path d="M3 11q8-10 16 0M20 6q7-9 14 0" fill="none" stroke="currentColor" strokeWidth="1.6" />
          </pattern>
          <pattern id={`pieces-${tint}`} width="62" height="36" patternUnits="userSpaceOnUse">
            <rect width="62" height="36" fill={`var(--f-${tint})`} />
            <path
              d="M4 12q4-9 16-8t14 8q-2 8-16 8T4 12zM36 27q4-8 13-7t11 7q-3 7-12 7t-12-7z"
              fill="currentColor"
              opacity=".38"
            />
          </pattern>
          <pattern id={`cubes-${tint}`} width="30" height="24" patternUnits="userSpaceOnUse">
            <rect width="30" height="24" fill={`var(--f-${tint})`} />
            <path d="M3 4h9v8H3zM17 11l9-2 2 8-9 2z" fill="currentColor" opacity=".45" />
          </pattern>
          <pattern id={`chunks-${tint}`} width="44" height="26" patternUnits="userSpaceOnUse">
            <rect width="44" height="26" fill={`var(--f-${tint})`} />
            <path d="M4 14 12 4l11 5-5 10zM26 17l9-6 7 6-6 7z" fill="currentColor" opacity=".42" />
          </pattern>
          <pattern id={`grains-${tint}`} width="20" height="14" patternUnits="userSpaceOnUse">
            <rect width="20" height="14" fill={`var(--f-${tint})`} />
            <g fill="currentColor" opacity=".6">
              <ellipse cx="5" cy="4" rx="3" ry="1.7" />
              <ellipse cx="15" cy="10" rx="3" ry="1.7" transform="rotate(30 15 10)" />
            </g>
          </pattern>
          <pattern id={`tubes-${tint}`} width="34" height="20" patternUnits="userSpaceOnUse">
            <rect width="34" height="20" fill={`var(--f-${tint})`} />
            <path d="M3 5h12M19 14h12" stroke="currentColor" strokeWidth="5" opacity=".5" />
          </pattern>
          <pattern id={`leaves-${tint}`} width="30" height="20" patternUnits="userSpaceOnUse">
            <rect width="30" height="20" fill={`var(--f-${tint})`} />
            <path d="M2 14Q9 2 17 8 12 17 2 14M17 17q6-9 12-5-3 8-12 5" fill="currentColor" opacity=".45" />
          </pattern>
          <pattern id={`thick-${tint}`} width="46" height="14" patternUnits="userSpaceOnUse">
            <rect width="46" height="14" fill={`var(--f-${tint})`} />
            <path d="M0 8q11-6 23 0t23 0" fill="none" stroke="currentColor" strokeWidth="1.5" opacity=".6" />
          </pattern>
        </g>
      ))}
    </defs>
  );
}
