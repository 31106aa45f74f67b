import { href } from 'react-router'
import { styled } from 'styled-components'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import type { DrawingData } from '#app/drawing/data.ts'
import type { OnTheBench } from '#app/data/on-the-bench.server.ts'
import * as texts from '#app/texts/today.ts'
import { ButtonLink } from '#app/ui/Button.tsx'

const Panel = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  align-items: center;
  gap: 8px 22px;
  overflow: hidden;
  border-radius: var(--radius);
  background: #17463a;
  color: #e9efe6;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
  > div {
    display: grid;
    gap: 8px;
    padding: 16px 20px 16px 0;
    @media (max-width: 700px) {
      padding: 0 16px 16px;
    }
  }
  h2 {
    font-size: 28px;
    overflow-wrap: anywhere;
  }
  small {
    color: #a9c4b4;
    font-size: 14px;
  }
`

const Track = styled.div`
  height: 6px;
  border-radius: 3px;
  background: #2a5a4b;
  div {
    height: 100%;
    border-radius: 3px;
    background: #f6f6f2;
  }
`

/** What lies on the bench, with its drawing and its next step. */
export function BenchPanel({ bench, drawing }: { bench: OnTheBench; drawing: DrawingData }) {
  const { id, name, engine, completeness, next, lost } = bench
  const known = Math.round(100 * completeness)
  return (
    <Panel aria-label={texts.onTheBench}>
      <ExplodedView
        data={drawing}
        width={520}
        height={200}
        labels={false}
        dimensions={false}
        title={texts.explodedDrawing(name)}
      />
      <div>
        <small>{texts.onTheBenchOfEngine(engine)}</small>
        <h2>{name}</h2>
        <Track role="img" aria-label={texts.recorded(known)}>
          <div style={{ width: `${known}%` }} />
        </Track>
        <p>
          {next ? (
            <>
              {texts.next} <strong>{next.label}</strong>
              {lost && texts.thenMoreBefore(lost.count - 1, lost.step)}.
            </>
          ) : (
            texts.allThatIsAskedForIs
          )}
        </p>
        <div>
          <ButtonLink to={`${href('/bench/:specimen', { specimen: id })}${next ? `?at=${next.key}` : ''}`}>
            {texts.goOnAtTheBench}
          </ButtonLink>
        </div>
      </div>
    </Panel>
  )
}
