@php($section = new App\Stations\Layout\SectionView($page))
<svg
    class="layout-picture is-dry"
    viewBox="0 0 724 260"
    width="724"
    height="260"
    role="img"
    aria-label="The gap in section"
>
    <path
        class="fan"
        d="{{ $section->fan() }}"
    />
    <path
        class="face-line"
        d="{{ $section->gap() }}"
    />
    <path
        class="dimension"
        d="{{ $section->target() }}"
    />
    <circle
        class="trial made"
        cx="{{ $section->lamp()[0] }}"
        cy="{{ $section->lamp()[1] }}"
        r="8"
    />
</svg>
<p>{{ $section->words() }}</p>
