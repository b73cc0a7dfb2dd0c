@php($pace = $page->pace)
@php($rest = $page->sitting->rest())
<section
    class="sitting"
    aria-label="The sitting"
>
    @if ($pace->presence === '')
        <p><b>{{ $page->sitting->words() }}</b>
            {{ implode(', ', $page->sitting->kit()->tools) }}</p>
        @foreach ($page->sitting->short() as $short)
            <p class="caution"><b>{{ $short }}</b></p>
        @endforeach
        <x-form
            op="time"
            render="all"
            :with="['kind' => 'sit']"
            :to="$frame->to('build.time')"
            class="act"
        ><button class="button is-small">Sit down to it</button></x-form>
    @else
        <x-form
            op="time"
            render="all"
            :with="['kind' => $pace->presence === 'break' ? 'back' : 'break']"
            :to="$frame->to('build.time')"
            class="act"
        ><button
                class="button is-small"
                data-build-key="k"
            >{{ $pace->presence === 'break' ? 'Back to it' : 'Break' }}</button></x-form>
        <details class="rise">
            <summary>{{ $pace->presence === 'break' ? 'The clock stands. ' : '' }}End the sitting…</summary>
            @php($left = $page->open->rest())
            <p>May be used: {{ implode(', ', $left->may) ?: 'nothing' }}.</p>
            <p>Not yet: {{ implode('; ', $left->notYet) ?: 'nothing is kept back' }}.</p>
            <p>Left as: {{ implode('; ', $left->leftAs) ?: 'it was' }}.</p>
            @foreach ($left->unsafe as $why)
                <p class="caution"><b>Don't leave it so: {{ $why }}.</b></p>
            @endforeach
            <x-form
                op="time"
                echo="rise-echo"
                render="all"
                :with="['kind' => 'rise', 'unsafe' => $left->isSafe() ? '' : '1']"
                :to="$frame->to('build.time')"
                class="says"
            >
                @if (!$left->isSafe())
                    <x-field
                        id="rise-left"
                        label="Done about it"
                        name="left"
                        size="26"
                        placeholder="ends taped, fuse out"
                    />
                @endif
                <button class="button is-small">End it</button><span
                    class="echo"
                    id="rise-echo"
                ></span>
            </x-form>
        </details>
    @endif
    @foreach ($pace->asked() as [$words, $steps, $edit])
        <p class="asked">{{ $words }}
            <x-form
                op="edit"
                render="all"
                :with="['edit' => json_encode(BenchGlow\Edit\Edits::write($edit)), 'usual' => $pace->usual($steps)]"
                class="act"
            ><button class="button is-small">It took that long</button></x-form>
            <x-form
                op="time"
                render="all"
                :with="['steps' => $steps]"
                :to="$frame->to('build.away')"
                class="act"
            ><button class="button is-small">I was away</button></x-form>
        </p>
    @endforeach
</section>
