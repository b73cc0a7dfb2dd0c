@php($leaf = $page->since())
@php($kinds = App\Stations\HandOver\SinceLeaf::KINDS)
@php($wide = App\Stations\HandOver\SinceLeaf::WIDE)
@if ($leaf->first() === null)
    <h1 class="price-sentence">Nothing was handed over yet</h1>
    <p>What happens before the first seal stands in the record of the work.</p>
    <p><a
            class="button is-primary"
            href="{{ $page->url(App\Stations\HandOver\Leaf::Seal) }}"
        >Seal and send</a></p>
@else
    <h1 class="is-sr-only">What became of it</h1>
    <svg
        class="time-line"
        viewBox="-12 0 {{ $wide + 24 }} 70"
        role="img"
        aria-label="From the first seal to today, with what happened"
    >
        <line
            class="source"
            x1="0"
            y1="14"
            x2="0"
            y2="50"
        />
        <path
            class="w live"
            d="M0 32H{{ $wide }}"
        />
        <text
            x="6"
            y="66"
            class="words"
        >{{ $leaf->first()->letter }}, {{ App\Support\WallClock::of($leaf->first()->at)->format('j F Y') }}</text>
        <text
            x="{{ $wide }}"
            y="66"
            text-anchor="end"
            class="words"
        >today</text>
        @foreach ($page->seals as $seal)
            @if (!$loop->first)
                <circle
                    class="seal-lead closed"
                    cx="{{ $leaf->x(substr($seal->at, 0, 10)) }}"
                    cy="32"
                    r="9"
                />
                <text
                    x="{{ $leaf->x(substr($seal->at, 0, 10)) }}"
                    y="37"
                    text-anchor="middle"
                    class="seal-letter small"
                >{{ $seal->letter }}</text>
            @endif
        @endforeach
        @foreach ($leaf->entries() as $n => $entry)
            <circle
                class="entry {{ $entry['kind'] }}"
                cx="{{ $entry['x'] }}"
                cy="32"
                r="8"
            />
            <text
                x="{{ $entry['x'] }}"
                y="14"
                text-anchor="middle"
                class="figure"
            >{{ $n + 1 }}</text>
        @endforeach
    </svg>
    <ol class="entries">
        @forelse ($leaf->entries() as $entry)
            <li><span class="figure">{{ $entry['on'] }}</span> <b>{{ $kinds[$entry['kind']] }}</b>
                {{ $entry['words'] }}</li>
        @empty
            <li class="muted">Nothing happened since, or nobody wrote it down.</li>
        @endforelse
    </ol>
    <h2>Write what happened</h2>
    <x-form
        op="happened"
        render="all"
        echo="happened-echo"
        class="happened"
    >
        <fieldset class="kinds">
            <legend class="is-sr-only">What happened</legend>
            @foreach ($kinds as $kind => $words)
                <label><input
                        type="radio"
                        name="sort"
                        value="{{ $kind }}"
                        @checked($loop->first)
                    > {{ $words }}</label>
            @endforeach
        </fieldset>
        <span class="blank"><label for="happened-about">What it was about</label>
            <span class="select"><select
                    class="typed"
                    id="happened-about"
                    name="about"
                >
                    <option value="">all of it</option>
                    @foreach ($leaf->things() as $id => $name)
                        <option value="{{ $id }}">{{ $name }}</option>
                    @endforeach
                </select></span></span>
        <span class="blank"><label for="happened-words">In words</label>
            <input
                class="typed"
                id="happened-words"
                name="words"
                data-leaf-write
                autocomplete="off"
            ></span>
        <span class="blank"><label for="happened-cause">Cause</label>
            <span class="select"><select
                    class="typed"
                    id="happened-cause"
                    name="cause"
                >
                    <option value="">not known</option>
                    @foreach (BenchGlow\Format\WorkFields::CAUSES as $cause)
                        <option value="{{ $cause }}">{{ str_replace('_', ' ', $cause) }}</option>
                    @endforeach
                </select></span></span>
        <x-field
            id="happened-day"
            label="On"
            name="day"
            placeholder="today"
        />
        <x-field
            id="happened-hours"
            label="Hours in use"
            name="hours"
            inputmode="decimal"
        />
        <x-field
            id="happened-far"
            label="Distance, km"
            name="far"
            inputmode="decimal"
        />
        <x-field
            id="happened-weather"
            label="Weather"
            name="weather"
        />
        <button class="button is-primary">Write it down</button>
        <span
            class="echo"
            id="happened-echo"
        ></span>
    </x-form>
    <details class="hand-tools">
        <summary>A picture of it</summary>
        @include('stations.build.photo', ['id' => 'since', 'with' => [], 'things' => $leaf->things()])
    </details>
    @foreach ($leaf->often() as $words)
        <p class="wanted">{{ $words }}</p>
    @endforeach
    <h2>What lets go, over all builds that were handed over</h2>
    <ul class="rates">
        @foreach ($leaf->rates() as $words)
            <li>{{ $words }}</li>
        @endforeach
    </ul>
@endif
