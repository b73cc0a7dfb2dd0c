@php($S = BenchGlow\Quantity\Shown::class)
@php($show = $page->show)
@if ($show->drivers() !== [])
    <section
        class="player"
        aria-label="The controller, tried"
        data-player="{{ route('circuit.patterns', $frame->build, false) }}?{{ http_build_query(['c' => $frame->circuit->id, 's' => $frame->supply, 'i' => $frame->thrown()]) }}"
    >
        <h2>The controller, tried on the drawing</h2>
        <p class="muted">From the solved patterns of its channels; nothing is stored until you keep it.</p>
        <div class="channels">
            @foreach ($show->drivers() as $channel)
                <span class="blank"><label for="ch-{{ $loop->index }}">{{ $channel['name'] }}</label><span
                        class="stepper"
                    ><button
                            type="button"
                            class="button is-small"
                            data-less="ch-{{ $loop->index }}"
                            aria-label="Less {{ $channel['name'] }}"
                        >−</button><input
                            class="typed"
                            id="ch-{{ $loop->index }}"
                            size="5"
                            data-channel="{{ $channel['contact'] }}"
                            value="{{ $S::plain(100 * $channel['duty'], 0) }}"
                            inputmode="numeric"
                            autocomplete="off"
                        ><button
                            type="button"
                            class="button is-small"
                            data-more="ch-{{ $loop->index }}"
                            aria-label="More {{ $channel['name'] }}"
                        >+</button></span></span>
            @endforeach
        </div>
        <div class="row"><x-select
                id="play-what"
                label="Play"
            >
                <option value="steady">steady, as set</option>
                <option value="fade">fade through the channels</option>
                <option value="breathe">breathe</option>
                <option value="sweep">sweep, one after another</option>
                @foreach ($frame->document->fields()->objects('scenes') as $scene)
                    <option
                        value="scene:{{ $scene->text('id') }}"
                        data-steps="{{ json_encode($scene->items('steps')) }}"
                        data-repeat="{{ $scene->flag('repeat') ? 1 : 0 }}"
                    >{{ $scene->text('label', $scene->text('id')) }}</option>
                @endforeach
            </x-select>
            <x-field
                id="play-speed"
                label="one round in"
                size="6"
                value="6 s"
            /><x-field
                id="play-timer"
                label="off after"
                size="6"
                placeholder="never"
            />
            <button
                type="button"
                class="button is-primary"
                data-play
            >Play</button><button
                type="button"
                class="button"
                data-stop
                disabled
            >Stop</button><span
                class="echo"
                id="play-echo"
                aria-live="polite"
            ></span>
        </div>
        <x-form
            op="add_scene"
            echo="scene-echo"
            render="all"
            class="adder-form"
        ><input
                type="hidden"
                name="steps"
                id="scene-steps"
                value="{{ $show->steps() }}"
            ><x-field
                id="scene-label"
                label="Keep this as a scene"
                name="label"
                size="16"
                placeholder="Evening warm"
            /><label class="pick"><input
                    type="checkbox"
                    name="repeat"
                    value="1"
                > again and again</label><button class="button">Keep the scene</button><span
                class="echo"
                id="scene-echo"
            ></span></x-form>
        @foreach ($frame->document->fields()->objects('scenes') as $scene)
            <p>{{ $scene->text('label', $scene->text('id')) }}, {{ count($scene->items('steps')) }}
                step{{ count($scene->items('steps')) === 1 ? '' : 's' }} <x-act
                    :edit="new BenchGlow\Edit\RemoveItem($scene->text('id'))"
                    class="is-small"
                    :aria-label="'Take out ' . $scene->text('label', $scene->text('id'))"
                >Take out</x-act></p>
        @endforeach
        <p class="caution">Pulses under 200 a second are seen, and dazzle at night. On the road flashing and moving
            light is regulated: check the rules where it will be used.</p>
    </section>
@endif
