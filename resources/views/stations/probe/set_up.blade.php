<dl class="small">
    @foreach ($page->setUp() as [$what, $is, $url, $key])
        <div>
            <dd><a
                    href="{{ $url }}"
                    data-probe-key="{{ $key }}"
                    aria-label="{{ $what }}: {{ $is }}. Change it"
                >{{ $is }}</a></dd>
            <dt>{{ $what }}</dt>
        </div>
    @endforeach
</dl>
