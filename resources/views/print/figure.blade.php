<svg viewBox="0 0 1000 1000" width="68" height="68" aria-hidden="true">
    @foreach ($figure->shapes as $shape)
        @if ($shape->role === 'ring')
            </g>
        @endif
        @if ($shape->line > 0)
            <path d="{{ $shape->data() }}" class="figure-{{ $shape->role }}" fill="none" stroke="var(--paint)" stroke-width="{{ $shape->line }}" stroke-linecap="round" stroke-linejoin="round" />
        @else
            @if ($shape->role === 'inset')
                @php($clip = 'closer-' . crc32($shape->data()))
                <clipPath id="{{ $clip }}"><path d="{{ $shape->data() }}" /></clipPath>
                <g clip-path="url(#{{ $clip }})">
            @endif
            <path d="{{ $shape->data() }}" class="figure-{{ $shape->role }}" fill="var(--paint)" @if ($shape->halo) stroke="var(--halo)" stroke-width="20" stroke-linejoin="round" paint-order="stroke" @endif />
        @endif
    @endforeach
</svg>
