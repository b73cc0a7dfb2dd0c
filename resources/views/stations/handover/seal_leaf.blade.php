@php($leaf = $page->seal())
<div class="lead-seal">
    <svg
        viewBox="0 0 200 90"
        width="200"
        height="90"
        role="img"
        aria-label="{{ $page->isSealed() ? 'The seal is closed, ' . $page->last->letter : 'The seal is open' }}"
    >
        <path
            class="seal-wire"
            d="{{ $page->isSealed() ? 'M10 20C60 20 70 45 100 45S140 20 190 20' : 'M10 20C50 20 60 30 82 34M118 34C140 30 150 20 190 20' }}"
        />
        <circle
            class="seal-lead {{ $page->isSealed() ? 'closed' : 'open' }}"
            cx="100"
            cy="50"
            r="26"
        />
        <text
            x="100"
            y="57"
            text-anchor="middle"
            class="seal-letter"
        >{{ $page->isSealed() ? $page->last->letter : $leaf->next() }}</text>
    </svg>
    <div>
        <h1 class="price-sentence">
            {{ $page->last === null ? 'Nothing was handed over yet' : ucfirst($page->standing()) }}</h1>
        @if ($page->last === null)
            <p>The next seal is {{ $leaf->next() }}.</p>
        @else
            <p>{{ $leaf->isSound() ? 'Its signature holds.' : 'Its signature does not hold: what is kept is not what was signed.' }}
            </p>
        @endif
    </div>
</div>
@if (!$page->isSealed())
    @if ($leaf->gaps === [])
        <p>Nothing is missing.</p>
    @else
        <h2>Missing, worst first</h2>
        <ul class="gaps">
            @foreach ($leaf->gaps as $gap)
                <li>
                    <x-severity :of="$gap->severity" /> {{ $gap->words }}
                    @if ($gap->kind === 'open_points')
                        <x-form
                            op="hand"
                            render="all"
                            class="act"
                            :with="['sort' => 'close', 'point' => $gap->subject, 'words' => '-']"
                        ><button class="plain">{{ $gap->act }}</button></x-form>
                    @else
                        <a href="{{ $leaf->url($gap) }}">{{ $gap->act }}</a>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
    @if ($leaf->mayBeSealed())
        <form
            class="says"
            method="post"
            action="{{ route('handover.seal', $frame->build, false) }}"
        >
            @csrf
            <input
                type="hidden"
                name="base"
                value="{{ $frame->base }}"
            >
            <label for="made-for">Hand over to</label>
            <input
                class="typed"
                id="made-for"
                name="made_for"
                value="{{ $frame->document->fields()->object('handover')->text('made_for') }}"
                placeholder="whom it is for"
                autocomplete="off"
            >
            <button class="button is-primary">Seal it as {{ $leaf->next() }}</button>
        </form>
    @else
        <p class="muted">With a danger open it can't be handed over.</p>
    @endif
@endif
<h2>To send</h2>
<p class="row">
    <a
        class="button"
        href="{{ route('handover.file', $frame->build, false) }}"
    >One file for any phone</a>
    <a
        class="button"
        href="{{ route('handover.paper', $frame->build, false) }}"
    >As PDF</a>
</p>
<p class="muted">The file opens without a network, is signed by this bench, and can't expire: whoever has it keeps it.
</p>
@if (App\Store\Shares::isOpen())
    <form
        class="says"
        method="post"
        action="{{ route('handover.share', $frame->build, false) }}"
    >
        @csrf
        <label for="share-what">A link that shows</label>
        <span class="select"><select
                class="typed"
                id="share-what"
                name="what"
            >
                @foreach (App\Store\Shares::WHAT as $what => $words)
                    <option value="{{ $what }}">{{ $words }}</option>
                @endforeach
            </select></span>
        <label for="share-hours">for</label>
        <span class="select"><select
                class="typed"
                id="share-hours"
                name="hours"
            >
                @foreach (App\Store\Shares::LIVES as $hours => $words)
                    <option
                        value="{{ $hours }}"
                        @selected($hours === 168)
                    >{{ $words }}</option>
                @endforeach
            </select></span>
        <button class="button is-small">Make the link</button>
    </form>
    @if (session('shared'))
        <p class="wanted">Its address, shown only now: <b class="figure">{{ session('shared') }}</b></p>
    @endif
@else
    <p class="muted">A link that ends by itself works while the bench is open to the local net. It answers on this
        machine
        only now: send the file, or
        <a
            href="{{ route('phone', [], false) }}"
            data-open="phone"
        >open the bench</a>.
    </p>
@endif
@if ($leaf->shares() !== [])
    <ul class="gaps">
        @foreach ($leaf->shares() as $share)
            <li>A link to {{ $share['what'] }},
                {{ $share['ended'] ? 'ended' : 'until ' . $share['until'] }}.
                {{ $share['opened'] === [] ? 'Not opened yet.' : 'Opened ' . count($share['opened']) . ' ×, last ' . end($share['opened']) . '.' }}
                @if ($share['picks'] !== [])
                    Picked: <b class="figure">{{ implode(', ', $share['picks']) }}</b>
                    <x-form
                        op="picks"
                        render="all"
                        class="act"
                        :with="['codes' => implode(' ', array_unique($share['picks']))]"
                    ><button class="plain">Take them</button></x-form>
                @endif
                @if (!$share['ended'])
                    <form
                        class="act"
                        method="post"
                        action="{{ route('handover.unshare', [$frame->build, $share['id']], false) }}"
                    >
                        @csrf
                        <button class="plain">End it</button>
                    </form>
                @endif
            </li>
        @endforeach
    </ul>
@endif
<h2 id="settings">What goes with it</h2>
@foreach ([['setting', 'A setting, as “channel 2: 40 %”'], ['point', 'An open point'], ['left', 'Left in place'], ['care', 'How it is cared for']] as [$sort, $label])
    <x-form
        op="hand"
        render="all"
        :with="['sort' => $sort]"
        echo="hand-echo-{{ $sort }}"
        class="says"
    >
        <label for="hand-{{ $sort }}">{{ $label }}</label>
        @if ($sort === 'setting')
            <span class="select"><select
                    class="typed"
                    name="device"
                    aria-label="Whose setting"
                >
                    @foreach ($frame->analysis->build->devices as $id => $device)
                        <option
                            value="{{ $id }}"
                            @selected($device->kind() === 'controller')
                        >{{ $device->label() }}</option>
                    @endforeach
                </select></span>
        @endif
        <input
            class="typed"
            id="hand-{{ $sort }}"
            name="words"
            autocomplete="off"
        >
        @if ($sort === 'point')
            <input
                class="typed"
                name="who"
                placeholder="who sees to it"
                aria-label="Who sees to it"
                autocomplete="off"
            >
            <input
                class="typed figure"
                name="due"
                size="9"
                placeholder="30 June"
                aria-label="Due on"
                autocomplete="off"
            >
        @elseif ($sort === 'left')
            <span class="select"><select
                    class="typed"
                    name="state"
                    aria-label="How it is left"
                >
                    <option value="dead">dead</option>
                    <option value="in_use">in use</option>
                    <option value="removed">taken out</option>
                </select></span>
        @endif
        <button class="button is-small">Write it down</button>
        <span
            class="echo"
            id="hand-echo-{{ $sort }}"
        ></span>
    </x-form>
@endforeach
<h2>Another like it</h2>
<form
    class="says"
    method="post"
    action="{{ route('handover.again', $frame->build, false) }}"
>
    @csrf
    <label for="again-title">A new build with its plan, parts and lessons</label>
    <input
        class="typed"
        id="again-title"
        name="title"
        placeholder="what it is called"
        autocomplete="off"
    >
    <input
        class="typed"
        name="host"
        placeholder="version of the host, where it is another"
        aria-label="Version of the host"
        autocomplete="off"
    >
    <button class="button is-small">Begin it</button>
</form>
@if ($page->seals !== [])
    <h2>Seals</h2>
    <ul class="seals">
        @foreach ($page->seals as $seal)
            <li><b>{{ $seal->letter }}</b>, {{ App\Support\WallClock::of($seal->at)->format('j F Y') }}, for
                {{ $seal->made_for }}. <a
                    href="{{ $frame->url(['leaf' => 'changed', 'was' => (string) $seal->no, 'is' => null]) }}"
                >What changed
                    since</a></li>
        @endforeach
    </ul>
@endif
