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
                    <span class="clause-line">{{ $clause['before'] }} <a
                            @class(['clause', 'missing' => $clause['missing']])
                            id="clause-{{ $clause['kind'] }}"
                            href="{{ $frame->url(['clause' => $open === $clause['kind'] ? null : $clause['kind']]) }}"
                            hx-get="{{ $frame->url(['clause' => $open === $clause['kind'] ? null : $clause['kind']]) }}"
                            hx-swap="none"
                            hx-push-url="true"
                            data-section="{{ $clause['kind'] }}"
                            aria-expanded="{{ $open === $clause['kind'] ? 'true' : 'false' }}"
                        >{{ $clause['words'] }}</a>,</span>
                @endforeach
                <span class="clause-line">to <span class="clause-end">{{ $page->clauses->lights() }}</span>.</span>
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
        <details
            class="wish-edit"
            @if ($page->opened) hidden @endif
        >
            <summary>Change the wish, or what it goes by</summary>
            @foreach ($frame->circuit->wants as $n => $want)
                <x-form
                    op="set_when"
                    :echo="'wish-' . $n . '-echo'"
                    render="all"
                    on-change
                    :with="['id' => $want->id, 'field' => 'when']"
                    class="blank"
                >
                    <label for="wish-{{ $n }}">{{ $n === 0 ? 'It glows when' : 'or when' }}</label>
                    <input
                        class="typed"
                        id="wish-{{ $n }}"
                        name="text"
                        size="40"
                        list="inputs-said"
                        autocomplete="off"
                        value="{{ BenchGlow\Build\WhenText::say($want->when->data, $frame->document) }}"
                    >
                    <span
                        class="echo"
                        id="wish-{{ $n }}-echo"
                    ></span>
                </x-form>
            @endforeach
            <x-form
                op="new_signal"
                echo="signal-echo"
                render="all"
                :with="[]"
                class="adder-form"
            ><x-field
                    id="signal-label"
                    label="It can go by something new: its name"
                    name="label"
                    size="18"
                    placeholder="Step rocker"
                /><x-select
                    id="signal-kind"
                    label="which is"
                    name="kind"
                    :options="array_map(fn($k) => $k[0], App\Stations\Circuit\Forms\NewSignalForm::KINDS)"
                /><button class="button">Make it</button><span
                    class="echo"
                    id="signal-echo"
                ></span></x-form>
        </details>
    @endif
</div>
