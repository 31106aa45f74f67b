import { href } from 'react-router'
import { styled } from 'styled-components'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'

const Strip = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(92px, 1fr));
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
  img {
    display: block;
    width: 100%;
    aspect-ratio: 1;
    border-radius: 6px;
    object-fit: cover;
  }
`

interface Props {
  photos: readonly { id: string; part: FilterPartKey; name: string; specimen: string }[]
}

/** Pictures of all specimens of a product; each opens whole. */
export function PhotoStrip({ photos }: Props) {
  return (
    <Strip>
      {photos.map(({ id, part, name, specimen }) => (
        <li key={id}>
          <a href={href('/photos/:photo', { photo: id })} target="_blank" rel="noreferrer">
            <img
              src={`${href('/photos/:photo', { photo: id })}?size=thumbnail`}
              alt={`${specimen}, ${partLabel(part).toLowerCase()}: ${name}`}
              loading="lazy"
            />
          </a>
        </li>
      ))}
    </Strip>
  )
}
