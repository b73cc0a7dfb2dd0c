@if ($page->judged)
    @php($wire = $page->judged->wire)
    <section
        class="wire-acts"
        aria-label="The wire in hand"
    >
        <div class="row">
            <b>{{ BenchGlow\Quantity\Words::first($wire->words()) }}</b>
            @if ($it = $page->thisIsIt())
                <x-act
                    :edit="$it"
                    :class="$page->judged->isSure() ? 'is-primary' : ''"
                >This is it: {{ BenchGlow\Probe\Tables::words($page->judged->name) }}</x-act>
            @endif
            @if ($wire->became)
                <a
                    class="button"
                    href="{{ $frame->url(['station' => 'circuit']) }}"
                >See it in the circuit</a>
            @endif
            <details>
                <summary class="button">Name it myself</summary>
                <x-form
                    op="name_wire"
                    echo="name-echo"
                    render="all"
                    class="says"
                    :with="['wire' => $wire->id]"
                >
                    <x-select
                        id="name-function"
                        label="It is"
                        name="function"
                        :options="['' => 'choose …'] + $page->functions()"
                    />
                    <button class="button is-small">Name it</button><span
                        class="echo"
                        id="name-echo"
                    ></span></x-form>
            </details>
            <details>
                <summary>A claim</summary>
                <x-form
                    op="claim"
                    echo="claim-echo"
                    render="all"
                    class="says"
                    :with="['wire' => $wire->id]"
                >
                    <x-select
                        id="claim-from"
                        label="By"
                        name="from"
                        :options="App\Stations\Probe\Forms\ClaimForm::FROM"
                    /><x-select
                        id="claim-says"
                        label="it is"
                        name="says"
                        :options="['' => 'nothing any more'] + $page->functions()"
                    />
                    <button class="button is-small">Note the claim</button><span
                        class="echo"
                        id="claim-echo"
                    ></span>
                    @foreach ($wire->claims as [$says, $from])
                        <p class="muted">By {{ App\Stations\Probe\Forms\ClaimForm::FROM[$from] ?? $from }}:
                            {{ BenchGlow\Probe\Tables::words($says) }}.</p>
                    @endforeach
                </x-form>
            </details>
            <details @if ($wire->colour === '') open @endif>
                <summary>Colour, hints</summary>
                <x-form
                    op="hints"
                    echo="hints-echo"
                    render="all"
                    class="says"
                    :with="['wire' => $wire->id]"
                >
                    <x-field
                        id="hint-colour"
                        label="Colour"
                        name="colour"
                        size="9"
                        list="wire-colours"
                        :value="$wire->colour"
                    /><x-field
                        id="hint-tracer"
                        label="tracer"
                        name="tracer"
                        size="9"
                        list="wire-colours"
                        :value="$wire->tracer"
                    /><x-field
                        id="hint-area"
                        label="thickness"
                        name="area"
                        size="9"
                        placeholder="1.5 mm²"
                        :value="$wire->areaMm2 === null
                            ? ''
                            : BenchGlow\Quantity\Shown::plain($wire->areaMm2, 2) . ' mm²'"
                    />
                    <datalist id="wire-colours">
                        @foreach (['black', 'red', 'yellow', 'green', 'brown', 'white', 'blue', 'grey', 'violet', 'orange', 'pink'] as $colour)
                            <option value="{{ $colour }}">
                        @endforeach
                    </datalist>
                    <fieldset class="hints">
                        <legend>What is seen of it</legend>
                        @foreach (App\Stations\Probe\Forms\HintsForm::HINTS as $hint => $words)
                            <label><input
                                    type="checkbox"
                                    name="hints[]"
                                    value="{{ $hint }}"
                                    @checked(in_array($hint, $wire->hints, true))
                                > {{ $words }}</label>
                        @endforeach
                    </fieldset>
                    <button class="button is-small">Keep what is seen</button><span
                        class="echo"
                        id="hints-echo"
                    ></span>
                </x-form>
            </details>
            @include('stations.build.photos', [
                'photos' => App\Store\Photos::about($frame->document, (string) $page->judged?->wire->id),
            ])
            @can('send', 'photo')
                <details>
                    <summary>Photo…</summary>
                    @include('stations.build.photo', [
                        'id' => 'wire-photo',
                        'with' => ['about' => $page->judged?->wire->id],
                    ])
                </details>
            @endcan
            @if ($page->readings() !== [])
                <details>
                    <summary>Its
                        {{ count($page->readings()) === 1 ? 'reading' : count($page->readings()) . ' readings' }}
                    </summary>
                    <ul class="readings">
                        @foreach ($page->readings() as [$reading, $figure, $words])
                            <li @class(['muted' => $reading->setAside])><span class="figure">{{ $figure }}</span>
                                {{ $words }}
                                <x-act
                                    :edit="new BenchGlow\Edit\SetReadingAside($reading->id, !$reading->setAside)"
                                    class="is-small"
                                >{{ $reading->setAside ? 'Count it again' : 'Set it aside' }}</x-act>
                            </li>
                        @endforeach
                    </ul>
                </details>
            @endif
        </div>
    </section>
@endif
