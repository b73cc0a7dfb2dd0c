<li class="hangs">
    <a href="{{ route('station', [$build, 'circuit'], false) }}">
        <span
            class="string"
            aria-hidden="true"
        ></span>
        <h2>{{ $build->title }}</h2>
        <p class="worst">{{ $sentence }}</p>
    </a>
</li>
