@php($paint = ['body' => 'var(--body)', 'far' => 'var(--far)', 'moving' => 'var(--moving)', 'seat' => 'var(--seat)', 'halo' => 'var(--halo)', 'shadow' => 'var(--shadow)'])
<svg viewBox="0 0 100 100" width="68" height="68" aria-hidden="true">
    @foreach ($figure->shapes as $shape)
        @php($points = implode(' ', array_map(fn ($n) => round($n, 1), $shape->points)))
        @switch($shape->kind)
            @case('disc')
                <circle cx="{{ $shape->points[0] }}" cy="{{ $shape->points[1] }}" r="{{ $shape->width }}" fill="{{ $paint[$shape->role] }}" />
                @break
            @case('ring')
                <circle cx="{{ $shape->points[0] }}" cy="{{ $shape->points[1] }}" r="{{ $shape->width }}" fill="none" stroke="{{ $paint[$shape->role] }}" stroke-width="3.6" />
                @break
            @case('fill')
                <polygon points="{{ $points }}" fill="{{ $paint[$shape->role] }}" stroke="{{ $paint[$shape->role] }}" stroke-width="{{ $shape->width }}" stroke-linejoin="round" />
                @break
            @default
                <polyline points="{{ $points }}" fill="none" stroke="{{ $paint[$shape->role] }}" stroke-width="{{ $shape->width }}" stroke-linecap="round" stroke-linejoin="round" @if ($shape->kind === 'arrow') marker-end="url(#arrow-head)" @endif />
        @endswitch
    @endforeach
    @once
        <defs><marker id="arrow-head" orient="auto" markerWidth="4" markerHeight="4" refX="1.6" refY="2" markerUnits="strokeWidth"><path d="M0.4,0.4 L2,2 L0.4,3.6" fill="none" stroke="context-stroke" stroke-width="1" /></marker></defs>
    @endonce
</svg>
