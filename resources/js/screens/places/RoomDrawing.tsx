import type { RoomForm } from '../../api/types/place';

/** Walls, doors and what stays where it is, in millimetres. */
export function RoomDrawing({ room }: { room: RoomForm }) {
    return (
        <>
            <rect
                x="0"
                y="0"
                width={room.width}
                height={room.depth}
                fill="var(--color-paper)"
                stroke="var(--color-ink)"
                strokeWidth="90"
            />
            {room.doors.map((door, at) => {
                const along = door.wall === 'front' || door.wall === 'back';
                const x = along ? door.at - door.width / 2 : door.wall === 'left' ? -60 : room.width - 60;
                const y = along ? (door.wall === 'front' ? -60 : room.depth - 60) : door.at - door.width / 2;
                return (
                    <rect
                        key={at}
                        x={x}
                        y={y}
                        width={along ? door.width : 120}
                        height={along ? 120 : door.width}
                        fill="var(--color-white)"
                        stroke="var(--color-rule)"
                        strokeWidth="20"
                    />
                );
            })}
            {room.fixed.map((thing, at) => (
                <g key={at}>
                    <rect
                        x={thing.x}
                        y={thing.y}
                        width={thing.width}
                        height={thing.depth}
                        fill="var(--color-cushion)"
                        stroke="var(--color-cushion-edge)"
                        strokeWidth="24"
                    />
                    <text
                        x={thing.x + thing.width / 2}
                        y={thing.y + thing.depth / 2 + 60}
                        fontSize="180"
                        textAnchor="middle"
                        fill="var(--color-ink)"
                    >
                        {thing.name}
                    </text>
                </g>
            ))}
        </>
    );
}
