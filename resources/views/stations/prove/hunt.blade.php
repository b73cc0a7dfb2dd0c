@php($try = $hunt->try())
<section
    id="hunt"
    class="hunt"
    aria-label="The hunt"
>
    @if ($hunt->noneFits())
        <h2 class="hunt-act">None of {{ $hunt->simulated() }} faults explains this.</h2>
        @php($pairs = $hunt->pairs())
        @if ($pairs !== [])
            <p><b>Two at once would:</b></p>
            <ul class="pairs-of-faults">
                @foreach ($pairs as $pair)
                    <li>{{ $pair->says() }}.
                        <x-form
                            op="mended"
                            render="all"
                            class="act"
                            echo="mend-echo"
                            :with="[
                                'hunt' => $hunt->hunt->id,
                                'found' => explode(' ', $pair->key())[0],
                                'words' => lcfirst($pair->says()),
                            ]"
                        ><button class="plain">Mended both: repeat the gate</button></x-form>
                    </li>
                @endforeach
            </ul>
        @endif
        <p>Two ways on: take back the last answer if the tip may have slipped, or hold the work against the drawing wire
            by wire, from end to end.</p>
        <p class="row">
            @if ($frame->moves->undo !== null)
                <button
                    class="button"
                    type="button"
                    data-undoes
                >Take back the last answer</button>
            @endif
            <a
                class="button"
                href="{{ $page->firstOf('core') }}"
            >Prove each core again</a>
        </p>
    @elseif ($try)
        @include('stations.prove.try')
    @elseif ($hunt->suspects() !== [])
        <h2 class="hunt-act">{{ $hunt->finder->isFound() ? 'That is it' : 'Nothing parts these any more' }}:
            {{ lcfirst($hunt->suspects()[0]->says()) }}.</h2>
        <p class="muted">Look at the place, mend it, then repeat the gate.
            {{ $hunt->suspects()[0]->faults[0]->kind === 'fuse' ? 'Read the ohms behind it before a new one goes in, never a larger one.' : '' }}
        </p>
        @if ($sure = $hunt->confirm())
            <p><b>To be sure, one reading more:</b></p>
            @include('stations.prove.try', ['try' => $sure])
        @endif
    @endif
    <div class="hunt-place">
        <div class="hunt-drawing">
            <x-svg
                :drawing="$hunt->wide()"
                id="hunt-wide"
                class="wide"
            />
            <details class="slim-drawing">
                <summary>The circuit, with its numbered places</summary>
                <x-svg
                    :drawing="$hunt->narrow()"
                    id="hunt-slim"
                    class="slim"
                />
            </details>
        </div>
        <div class="suspects">
            <p class="muted tally">{{ $hunt->tally() }}</p>
            <ol aria-label="What explains it">
                @foreach ($hunt->suspects() as $n => $suspect)
                    <li>
                        <span class="number">{{ $n + 1 }}</span>
                        <div>
                            <p><b>{{ $suspect->says() }}</b></p>
                            <p class="muted">
                                {{ $hunt->answers() === 0 ? 'not looked at yet' : 'explains it ' . $hunt->explains($suspect) }}
                            </p>
                            <x-form
                                op="mended"
                                render="all"
                                class="act"
                                echo="mend-echo"
                                :with="[
                                    'hunt' => $hunt->hunt->id,
                                    'found' => $suspect->key(),
                                    'words' => lcfirst($suspect->faults[0]->says),
                                ]"
                            ><button class="plain">Mended: repeat the gate</button></x-form>
                        </div>
                    </li>
                @endforeach
            </ol>
            <details class="told">
                <summary>{{ BenchGlow\Quantity\Words::count($hunt->answers(), 'answer') }} so far</summary>
                <ul>
                    @foreach ($hunt->told() as [$what, $said])
                        <li>{{ $what }}: <b>{{ $said }}</b></li>
                    @endforeach
                </ul>
            </details>
            <details class="told">
                <summary>It was something else</summary>
                <x-form
                    op="mended"
                    render="all"
                    class="says"
                    echo="mend-echo"
                    :with="['hunt' => $hunt->hunt->id, 'words' => 'something else']"
                >
                    <label for="mend-note">What it was, or why the search ends</label>
                    <input
                        class="typed"
                        id="mend-note"
                        name="note"
                        autocomplete="off"
                    >
                    <button class="button is-small">End the search</button>
                </x-form>
            </details>
            <span
                class="echo"
                id="mend-echo"
            ></span>
        </div>
    </div>
</section>
