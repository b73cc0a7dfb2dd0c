@props(['of'])
<span @class(['sev', $of])>
    <span class="is-sr-only">{{ $of }}</span><svg
        viewBox="0 0 16 16"
        width="14"
        height="14"
        aria-hidden="true"
    >
        @if ($of === 'danger')
            <path d="M8 1l7 7-7 7-7-7z" />
            <path
                class="bar"
                d="M1 15H15"
            />
        @elseif($of === 'warning')
            <path d="M8 1l7 13H10.5L8 10.5 5.5 14H1z" />
        @else
            <path d="M7 3h2v10H7z" />
        @endif
    </svg></span>
