@php($S = BenchGlow\Quantity\Shown::class)
@php($build = $frame->analysis->build)
@php($day = $page->day)
<section
    class="day"
    id="day"
    aria-label="The day"
>
    <h2>A day of use</h2>
    @if ($frame->circuit === null)
        <p class="muted">Begin a circuit first, <a href="{{ $frame->url(['station' => 'circuit']) }}#new-circuit">with
                what glows</a>.</p>
    @elseif($day->wrong !== null)
        <p><span
                class="wrong"
                role="alert"
            >{{ $day->wrong }}</span></p>
    @elseif($day->story === null)
        <p>Play a day of use against every sensible way of switching. Take one of these and change it:</p>
    @else
        @php($trails = $day->trails())
        @php($k = $day->chosen())
        <form
            class="row day-row"
            method="get"
            action="{{ $frame->url() }}"
        ><x-carry :all="['c' => $frame->circuit->id, ...$frame->owns('idea', 'over')]" />
            @if (count($day->stories()) > 1)<x-select
                    id="story"
                    label="Story"
                    name="story"
                >
                    @foreach ($day->stories() as $id => $label)
                        <option
                            value="{{ $id }}"
                            @selected($id === $day->story->id)
                        >{{ $label }}</option>
                    @endforeach
                </x-select>
            @else<b>{{ $day->story->label }}</b>@endif
            <x-field
                id="moment"
                label="at"
                name="m"
                size="11"
                :value="BenchGlow\Quantity\Clock::show($day->moment())"
            /><button class="button is-small">Look at that moment</button>
            <a
                class="button is-small"
                href="{{ $frame->url(['station' => 'circuit', 'i' => null], $day->positions()) }}"
            >See the circuit then</a>
        </form>
        @if ($day->momentWrong)
            <p><span
                    class="wrong"
                    role="alert"
                >{{ $day->momentWrong }}</span></p>
        @endif
        @php($over = $day->over())
        <div class="wide">@include('stations.brief.day_picture', [
            'id' => 'day-wide',
            'pic' => $day->picture(App\Stations\Brief\DayPicture::WIDE),
        ])</div>
        <div class="slim">@include('stations.brief.day_picture', [
            'id' => 'day-slim',
            'pic' => $day->picture(App\Stations\Brief\DayPicture::NARROW),
        ])</div>
        <p class="day-key"><svg
                viewBox="0 0 24 14"
                width="24"
                height="14"
                aria-hidden="true"
            >
                <rect
                    class="wanted"
                    x="1"
                    y="2"
                    width="22"
                    height="10"
                />
            </svg> wanted <svg
                viewBox="0 0 24 14"
                width="24"
                height="14"
                aria-hidden="true"
            >
                <rect
                    class="glow-span"
                    x="1"
                    y="1"
                    width="22"
                    height="12"
                />
            </svg> glows <svg
                viewBox="0 0 24 14"
                width="24"
                height="14"
                aria-hidden="true"
            >
                <rect
                    class="trail"
                    x="1"
                    y="1"
                    width="22"
                    height="12"
                />
                <path
                    class="hatch-ink"
                    d="M3 13L12 1M9 13L18 1M15 13L23 2"
                />
            </svg> wanted and dark <svg
                viewBox="0 0 24 14"
                width="24"
                height="14"
                aria-hidden="true"
            >
                <rect
                    class="glow-span"
                    x="1"
                    y="1"
                    width="22"
                    height="12"
                />
                <circle
                    class="hatch-dot"
                    cx="7"
                    cy="7"
                    r="2"
                />
                <circle
                    class="hatch-dot"
                    cx="16"
                    cy="7"
                    r="2"
                />
            </svg> glows for nobody</p>
        @if (count($trails) > 1)
            <ol class="one-trail">
                @foreach ($trails as $n => $idea)
                    <li><a
                            href="{{ $frame->url(['idea' => (string) $n]) }}"
                            @if ($n === $k) aria-current="true" @endif
                        >{{ BenchGlow\Quantity\Words::first($idea->name) }}</a></li>
                @endforeach
            </ol>
            <form
                class="row over-row"
                method="get"
                action="{{ $frame->url() }}"
            ><x-carry :all="['c' => $frame->circuit->id, ...$frame->owns('story', 'm')]" />
                <x-select
                    id="idea"
                    label="Look at"
                    name="idea"
                >
                    @foreach ($trails as $n => $idea)
                        <option
                            value="{{ $n }}"
                            @selected($n === $k)
                        >{{ $n + 1 }}: {{ $idea->name }}</option>
                    @endforeach
                </x-select>
                <x-select
                    id="over"
                    label="and lay over it"
                    name="over"
                >
                    <option value="">nothing</option>
                    @foreach ($trails as $n => $idea)
                        <option
                            value="{{ $n }}"
                            @selected($n === $over)
                        >{{ $n + 1 }}: {{ $idea->name }}</option>
                    @endforeach
                </x-select>
                <button class="button is-small">Lay them over</button>
            </form>
            @if ($over !== null)
                @php($sums = $trails[$k]->day->against($trails[$over]->day))
                <p id="over-says">Both glow for <span
                        class="figure">{{ BenchGlow\Story\Ideas::time($sums['both']) }}</span>; only
                    {{ $trails[$k]->name }} for <span
                        class="figure">{{ BenchGlow\Story\Ideas::time($sums['this']) }}</span>; only
                    {{ $trails[$over]->name }} for <span
                        class="figure">{{ BenchGlow\Story\Ideas::time($sums['other']) }}</span>.</p>
            @endif
        @endif
        <h3>Ways of switching, best first</h3>
        <ul class="idea-list">
            @foreach ($day->cards() as $n => $card)
                @php($idea = $card->idea)
                <li @class([
                    'card-way',
                    'first' => $n === 0,
                    'used' => $idea->edit === null,
                ])>
                    <h4>{{ BenchGlow\Quantity\Words::first($idea->name) }}</h4>
                    @if ($card->drawing)
                        <svg
                            class="way-drawing"
                            viewBox="0 0 {{ $card->drawing->width }} {{ $card->drawing->height }}"
                            aria-hidden="true"
                        >{!! BenchGlow\Drawing\Svg::shapes($card->drawing->shapes) !!}</svg>
                    @endif
                    <svg
                        class="mini"
                        viewBox="0 0 724 24"
                        width="200"
                        height="14"
                        preserveAspectRatio="none"
                        aria-hidden="true"
                    >
                        <rect
                            class="trail"
                            x="0"
                            y="0"
                            width="724"
                            height="24"
                        />
                        @foreach ($day->spans($idea->day) as [$x, $w, $kind])
                            <rect
                                @class([
                                    'glow-span' => $kind !== 'dark',
                                    'dark-span' => $kind === 'dark',
                                ])
                                x="{{ $x }}"
                                y="{{ $kind === 'wasted' ? 8 : 0 }}"
                                width="{{ $w }}"
                                height="{{ $kind === 'wasted' ? 8 : 24 }}"
                            />
                        @endforeach
                    </svg>
                    <p class="why">{{ $idea->why }}</p>
                    <p><b class="figure">{{ $S::plain($idea->day->ampHours, 2) }} Ah</b>, {{ $idea->parts }}
                        part{{ $idea->parts === 1 ? '' : 's' }}, <span
                            class="figure">{{ $S::figure($idea->price) }}</span>
                        {{ $build->settings->currency }}, {{ $card->holes() }}
                    </p>
                    @if ($idea->failure !== '')
                        <p class="cost">{{ $idea->failure }}</p>
                    @endif
                    @panel('stations.brief.shares')
                    @if ($idea->edit === null)
                    <p class="on-bench">on the bench</p>@else<x-act
                            :edit="new BenchGlow\Edit\Batch(
                                [$idea->edit],
                                $frame->circuit->label . ': ' . $idea->name,
                            )"
                            class="is-small"
                        >Use this idea<span class="is-sr-only">: {{ $idea->name }}</span></x-act>
                    @endif
                </li>
            @endforeach
        </ul>
        @php($left = $day->untried())
        @if ($left > 0)
            <p class="muted">{{ $left }} more way{{ $left === 1 ? '' : 's' }} whose trigger fits this story
                worse {{ $left === 1 ? 'was' : 'were' }} not played.</p>
        @endif
        <details
            class="events"
            open
        >
            <summary>What happens ({{ count($day->events()) }})</summary>
            @foreach ($day->events() as $event)
                <div class="says event-row"><span class="lead-name">{{ $event['words'] }}</span>
                    <x-form
                        op="move_event"
                        :echo="'event-echo-' . $event['n']"
                        on-change
                        render="all"
                        :with="['id' => $day->story->id, 'n' => $event['n']]"
                        class="blank"
                    ><label
                            class="is-sr-only"
                            for="event-{{ $event['n'] }}"
                        >{{ $event['words'] }} at</label><input
                            class="typed"
                            id="event-{{ $event['n'] }}"
                            name="text"
                            size="11"
                            value="{{ BenchGlow\Quantity\Clock::show($event['at']) }}"
                            autocomplete="off"
                        ><span
                            class="echo"
                            id="event-echo-{{ $event['n'] }}"
                        ></span></x-form>
                    @foreach ([-300 => 'Earlier', 300 => 'Later'] as $by => $word)
                        <x-form
                            op="move_event"
                            render="all"
                            :with="['id' => $day->story->id, 'n' => $event['n'], 'by' => $by]"
                            class="act"
                        ><button
                                class="button is-small"
                                aria-label="{{ $word }}: {{ $event['words'] }}"
                            >{{ $word }}</button></x-form>
                    @endforeach
                    <x-form
                        op="drop_event"
                        render="all"
                        :with="['id' => $day->story->id, 'n' => $event['n']]"
                        class="act"
                    ><button
                            class="button is-small"
                            aria-label="Take out {{ $event['words'] }}"
                        >Take out</button></x-form>
                </div>
            @endforeach
            <x-form
                op="add_event"
                echo="event-echo"
                render="all"
                :with="['id' => $day->story->id]"
                class="adder-form"
            ><x-field
                    id="event-at"
                    label="At"
                    name="text"
                    size="9"
                    placeholder="18:30"
                /><x-select
                    id="event-what"
                    label="this happens"
                    name="what"
                    :options="App\Stations\Brief\DayView::happenings($build)"
                /><button class="button">Add it</button><span
                    class="echo"
                    id="event-echo"
                ></span></x-form>
            <div class="says"><x-blank
                    :id="$day->story->id"
                    field="label"
                    label="Story"
                    size="28"
                    :value="$day->story->label"
                />
                <x-form
                    op="story_lasts"
                    echo="lasts-echo"
                    on-change
                    render="all"
                    :with="['id' => $day->story->id]"
                    class="blank"
                ><label for="story-lasts">lasts until</label><input
                        class="typed"
                        id="story-lasts"
                        name="text"
                        size="10"
                        value="{{ BenchGlow\Quantity\Clock::show($day->story->lasts) }}"
                        autocomplete="off"
                    ><span
                        class="echo"
                        id="lasts-echo"
                    ></span></x-form>
                <x-act
                    :edit="new BenchGlow\Edit\RemoveItem($day->story->id)"
                    class="is-small"
                >Take this story out</x-act>
            </div>
            <h3>When light is wanted of {{ BenchGlow\Quantity\Words::within($frame->circuit->label) }}</h3>
            @foreach ($day->fields()->objects('wanted') as $n => $span)
                @if ($span->text('circuit') === $frame->circuit->id)
                    <x-form
                        op="drop_wanted"
                        render="all"
                        :with="['id' => $day->story->id, 'n' => $n]"
                        class="act"
                    ><span class="figure">{{ BenchGlow\Quantity\Clock::show($span->number('from_s')) }} to
                            {{ BenchGlow\Quantity\Clock::show($span->number('to_s')) }}</span> <button
                            class="button is-small"
                        >Take out</button></x-form>
                @endif
            @endforeach
            <x-form
                op="add_wanted"
                echo="wanted-echo"
                render="all"
                :with="['id' => $day->story->id, 'circuit' => $frame->circuit->id]"
                class="adder-form"
            ><x-field
                    id="wanted-from"
                    label="from"
                    name="from"
                    size="9"
                    placeholder="18:30"
                /><x-field
                    id="wanted-to"
                    label="to"
                    name="to"
                    size="9"
                    placeholder="23:00"
                /><button class="button">Light is wanted then</button><span
                    class="echo"
                    id="wanted-echo"
                ></span></x-form>
        </details>
    @endif
    @if ($frame->circuit)
        <x-form
            op="use_story"
            echo="story-echo"
            render="all"
            :with="['circuit' => $frame->circuit->id]"
            class="row"
        ><x-select
                id="shipped"
                :label="$day->story === null ? 'A story' : 'Another story'"
                name="text"
                :options="BenchGlow\Story\Shipped::of($frame->document->fields()->text('place'))"
            /><button class="button {{ $day->story === null ? 'is-primary' : '' }}">Take this story</button><span
                class="echo"
                id="story-echo"
            ></span></x-form>
    @endif
</section>
