@php($clauses = $page->clauses->all())
@php($open = $frame->own('clause'))
<div
    id="head-sentence"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($frame->circuit)
        @if ($clauses === [])
            <h1 class="sentence"><b>{{ $frame->circuit->label }}</b>: {{ $page->live->sentence() }}
                @if ($page->clauses->why() !== '')
                    Its parts can't be told from each other here: {{ $page->clauses->why() }}.
                @endif
            </h1>
        @else
            <h1 class="sentence clauses"><b class="is-sr-only">{{ $frame->circuit->label }}:</b>
                @foreach ($clauses as $n => $clause)
                    {{ $clause['before'] }} <a
                        @class(['clause', 'missing' => $clause['missing']])
                        id="clause-{{ $clause['kind'] }}"
                        href="{{ $frame->url(['clause' => $open === $clause['kind'] ? null : $clause['kind']]) }}"
                        hx-get="{{ $frame->url(['clause' => $open === $clause['kind'] ? null : $clause['kind']]) }}"
                        hx-swap="none"
                        hx-push-url="true"
                        data-section="{{ $clause['kind'] }}"
                        aria-expanded="{{ $open === $clause['kind'] ? 'true' : 'false' }}"
                    >{{ $clause['words'] }}</a>,
                @endforeach
                to <span class="clause-end">{{ $page->clauses->lights() }}</span>.
            </h1>
        @endif
        <p class="wish-line">Wanted: it glows when <b>{{ $page->clauses->wish() }}</b>. {{ $page->clauses->holds() }}
            <a
                @class(['button', 'is-small', 'is-primary' => !$page->clauses->met()])
                id="find-circuits"
                href="{{ $frame->url(['wish' => $frame->own('wish') === '' ? '1' : null]) }}#wish"
                hx-get="{{ $frame->url(['wish' => $frame->own('wish') === '' ? '1' : null]) }}"
                hx-swap="none"
                hx-push-url="true"
                data-key="y"
            >{{ $frame->own('wish') === '' ? 'Find circuits for it' : 'Put the circuits away' }}</a>
        </p>
    @endif
</div>
