@php($see = $frame->own('see') === 'ways')
<details
    class="folded"
    id="ways"
    @if ($see) open @endif
>
    <summary data-build-key="v">Ways of working</summary>
    @if ($see)
        <div class="way-cards">
            @foreach ($page->ways() as $way)
                <article @class(['way-card', 'chosen-way' => $way->chosen])>
                    <h3>{{ ucfirst($way->name) }}</h3>
                    <p class="figure">{{ $page->difference($way) }}</p>
                    @php($small = new BenchGlow\Drawing\JobWire($way->plan, null))
                    <svg
                        class="job-wire"
                        viewBox="80 0 580 {{ 24 * count($small->bands) + 8 }}"
                        aria-hidden="true"
                    >
                        @foreach ($small->bands as $n => $band)
                            @foreach ($band['runs'] as $run)
                                <path
                                    class="run {{ $run['state'] }}"
                                    d="M{{ $run['x'] }} {{ 24 * $n + 14 }}H{{ $run['to'] }}"
                                />
                            @endforeach
                        @endforeach
                    </svg>
                    <p>{{ $way->because }}</p>
                    @if ($way->chosen)
                        <p class="muted">on the bench</p>
                    @else
                        <x-act
                            :edit="$page->choose($way)"
                            class="is-small"
                        >Work so</x-act>
                    @endif
                </article>
            @endforeach
        </div>
    @else
        <p><a
                class="button is-small"
                href="{{ $frame->url(['see' => 'ways']) }}#ways"
                hx-get="{{ $frame->url(['see' => 'ways']) }}"
                hx-swap="none"
                hx-push-url="true"
            >Plan each of them</a></p>
    @endif
    <h3>When there are hands</h3>
    <x-form
        op="hours"
        echo="hours-echo"
        render="all"
        class="says"
    >
        @foreach (['mo' => 'Mon', 'tu' => 'Tue', 'we' => 'Wed', 'th' => 'Thu', 'fr' => 'Fri', 'sa' => 'Sat', 'su' => 'Sun'] as $day => $word)
            <label><input
                    type="checkbox"
                    name="days[]"
                    value="{{ $day }}"
                > {{ $word }}</label>
        @endforeach
        <x-field
            id="hours-from"
            label="from"
            name="from"
            size="6"
            placeholder="18:00"
        />
        <x-field
            id="hours-to"
            label="to"
            name="to"
            size="6"
            placeholder="21:30"
        />
        <button class="button is-small">Plan by them</button><span
            class="echo"
            id="hours-echo"
        ></span>
    </x-form>
    <x-form
        op="window"
        echo="window-echo"
        render="all"
        class="says"
    >
        <x-select
            id="window-kind"
            label="Once:"
            name="kind"
            :options="App\Stations\Build\Forms\WindowForm::KINDS"
        />
        <x-field
            id="window-day"
            label="on"
            name="day"
            size="10"
            placeholder="2026-06-03"
        />
        <x-field
            id="window-from"
            label="from"
            name="from"
            size="6"
            placeholder="18:00"
        />
        <x-field
            id="window-to"
            label="to"
            name="to"
            size="6"
            placeholder="20:00"
        />
        <button class="button is-small">Plan by it</button><span
            class="echo"
            id="window-echo"
        ></span>
    </x-form>
    @foreach ([...$page->sitting->hours(), ...$page->sitting->windows()] as [$words, $edit])
        <p>{{ $words }}
            <x-act
                :edit="$edit"
                class="is-small"
            >No more</x-act>
        </p>
    @endforeach
</details>
