@if ($frame->circuit === null)
    <h1 class="sentence">Say what should glow and when; every other station works from this sentence.</h1>
@else
    <h1 class="sentence big-sentence">
        {{ $page->sentence() ?: 'Nothing is wanted of ' . BenchGlow\Quantity\Words::within($frame->circuit->label) . ' yet.' }}
    </h1>
    @foreach ($frame->circuit->wants as $n => $want)
        @php($clauses = $page->clauses($want))
        @php($who = $page->who($want))
        @if ($clauses !== null)
            <x-form
                op="set_clauses"
                :echo="'clause-' . $n"
                on-change
                render="all"
                :with="['id' => $want->id]"
                class="clauses"
                :aria-label="'When ' . lcfirst($who)"
            >
                <span class="clause-who">{{ $who }} when</span>
                @foreach ($clauses as $k => $clause)
                    @if ($k > 0)
                        <select
                            class="typed join"
                            name="join[{{ $k }}]"
                            aria-label="joined by, {{ $k + 1 }}"
                        >
                            @foreach (['or', 'and', 'unless'] as $join)
                                <option @selected($clause['join'] === $join)>{{ $join }}</option>
                            @endforeach
                        </select>
                    @else
                        <input
                            type="hidden"
                            name="join[0]"
                            value=""
                        >
                    @endif
                    <select
                        @class(['typed', 'clause', 'live-clause' => $clause['holds']])
                        name="clause[{{ $k }}]"
                        aria-label="clause {{ $k + 1 }} of {{ lcfirst($who) }}"
                    >
                        <option value="">{{ $k === 0 ? 'always' : '…' }}</option>
                        <x-options
                            :options="array_combine($clause['choices'], $clause['choices'])"
                            :value="$clause['text']"
                        />
                    </select>
                @endforeach
                <noscript><button class="button is-small">Keep it</button></noscript>
                <span
                    class="echo"
                    id="clause-{{ $n }}"
                ></span>
            </x-form>
        @else
            <x-form
                op="set_when"
                :echo="'clause-' . $n"
                on-change
                render="all"
                :with="['id' => $want->id, 'field' => 'when']"
                class="clauses"
                :aria-label="'When ' . lcfirst($who)"
            >
                <span class="clause-who">{{ $who }}</span>
                <label
                    class="is-sr-only"
                    for="clause-text-{{ $n }}"
                >When</label>
                <input
                    class="typed"
                    id="clause-text-{{ $n }}"
                    name="text"
                    size="40"
                    value="{{ $page->words($want) }}"
                    autocomplete="off"
                >
                <span
                    class="echo"
                    id="clause-{{ $n }}"
                ></span>
            </x-form>
        @endif
    @endforeach
    <p class="muted">What is true right now is underlined in light. Brackets and more than three clauses are typed: <a
            href="{{ $frame->url(['station' => 'circuit']) }}"
        >the wishes in words</a>.</p>
@endif
