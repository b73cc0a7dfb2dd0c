@php($bands = new App\Stations\Layout\Bands($page, $page->path()))
<svg
    class="layout-picture bands"
    viewBox="0 0 362 {{ $bands->height() }}"
    width="362"
    height="{{ $bands->height() }}"
    aria-hidden="true"
>
    @foreach ($bands->limbs() as $limb)
        <g class="limb">
            <rect
                x="{{ $limb['x'] }}"
                y="{{ $limb['y'] }}"
                width="{{ $limb['w'] }}"
                height="20"
                rx="3"
            />
            <circle
                cx="{{ $limb['x'] }}"
                cy="{{ $limb['y'] + 10 }}"
                r="3.5"
            />
            <text
                x="{{ $limb['x'] + $limb['w'] - 8 }}"
                y="{{ $limb['y'] + 15 }}"
                text-anchor="end"
            >{{ $limb['number'] }}</text>
        </g>
    @endforeach
    @foreach ($bands->strips() as $strip)
        <rect
            class="pad"
            fill="#0b0b0c"
            x="{{ $strip['x'] }}"
            y="{{ $strip['y'] }}"
            width="{{ $strip['w'] }}"
            height="18"
        />
    @endforeach
    @foreach ($bands->pads() as $pad)
        <rect
            class="pad"
            fill="{{ $pad['fill'] }}"
            x="{{ $pad['x'] }}"
            y="{{ $pad['y'] }}"
            width="{{ $pad['w'] }}"
            height="8"
        />
    @endforeach
    @foreach ($bands->corners() as $corner)
        <rect
            class="corner"
            x="{{ $corner['x'] - 11 }}"
            y="{{ $corner['y'] - 7 }}"
            width="22"
            height="22"
        />
    @endforeach
</svg>
