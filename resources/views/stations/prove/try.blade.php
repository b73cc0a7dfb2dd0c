@php($base = ['hunt' => $hunt->hunt->id, 'with' => json_encode((object) $try->with)])
<div class="hunt-try">
    <h2 class="hunt-act">{{ $hunt->throws($try) }} <b>{{ $try->act }}</b></h2>
    @if ($hunt->meanings($try) !== [])
        <p class="meanings">
            @foreach ($hunt->meanings($try) as [$answer, $which])
                <span><b class="figure">{{ $answer }}</b>: {{ $which }}</span>
            @endforeach
        </p>
    @endif
    @if ($try->kind === 'look')
        <x-form
            op="see"
            echo="hunt-echo"
            render="all"
            class="looks"
            :to="$frame->toEditAt(['other' => ''])"
            :with="$base + ['emitter' => $try->at]"
        >
            @foreach ($hunt->looks($try) as $look => $words)
                <button
                    class="button quick-key look-{{ $look }}"
                    name="look"
                    value="{{ $look }}"
                >{{ $words }}</button>
            @endforeach
            <span
                class="echo"
                id="hunt-echo"
            ></span>
        </x-form>
    @elseif ($try->kind === 'fuse')
        <x-form
            op="hunt_reading"
            echo="hunt-echo"
            render="all"
            class="looks"
            :to="$frame->toEditAt(['other' => ''])"
            :with="$base + ['red' => $try->at]"
        >
            <button
                class="button quick-key look-right"
                name="quick"
                value="whole"
            >whole</button>
            <button
                class="button quick-key look-dark"
                name="quick"
                value="blown"
            >blown</button>
            <span
                class="echo"
                id="hunt-echo"
            ></span>
        </x-form>
    @else
        <x-form
            op="hunt_reading"
            echo="hunt-echo"
            render="all"
            class="hunt-reading"
            :to="$frame->toEditAt(['other' => ''])"
            :with="$base + $hunt->pins($try)"
        >
            <label
                class="is-sr-only"
                for="reading"
            >The reading, {{ $try->kind }}</label>
            <input
                class="typed figure"
                id="reading"
                name="text"
                size="6"
                inputmode="decimal"
                autocomplete="off"
                aria-describedby="hunt-echo"
            >
            <span>{{ BenchGlow\Prove\Taken::SIGNS[$try->kind] }}</span>
            <button class="button is-primary keep">Keep</button>
            <span class="quick">
                @foreach ($hunt->quick($try) as $value => $words)
                    <button
                        class="button quick-key"
                        name="quick"
                        value="{{ $value }}"
                    >{{ $words }}</button>
                @endforeach
            </span>
            <span
                class="echo"
                id="hunt-echo"
            ></span>
        </x-form>
        @include('stations.prove.keys')
    @endif
    @if ($hunt->hasOthers())
        <p class="other"><a
                href="{{ $hunt->otherUrl() }}"
                hx-get="{{ $hunt->otherUrl() }}"
                hx-swap="none"
                hx-push-url="true"
            >I can't do that: another act</a></p>
    @endif
</div>
