<details
    class="folded"
    id="in-words"
>
    <summary>Everything in words</summary>
    <p class="papers">
        <a
            class="button is-small"
            href="{{ $frame->to('build.paper', 'steps', 'pdf') }}"
        >Order of work, PDF</a>
        <a
            class="button is-small"
            href="{{ $frame->to('build.paper', 'steps', 'csv') }}"
        >As a table</a>
    </p>
    <ol class="acts-in-words">
        @foreach ($page->plan->acts as $planned)
            <li><a
                    href="{{ $page->url($planned->act->key) }}">{{ $planned->act->title() }}</a>{{ $page->figure($planned) }}
                <span class="muted">{{ $page->told($planned) }}</span>
            </li>
        @endforeach
    </ol>
    <h3>A step of your own</h3>
    <x-form
        op="own_step"
        echo="own-step-echo"
        render="all"
        class="says"
    >
        <x-field
            id="own-text"
            label="What"
            name="text"
            size="26"
        />
        <x-field
            id="own-minutes"
            label="minutes"
            name="minutes"
            size="4"
        />
        <button class="button is-small">Into the plan</button><span
            class="echo"
            id="own-step-echo"
        ></span></x-form>
    @if ($page->doneCount() > 0)
        <h3 id="behind">Behind you</h3>
        {{-- One form for all of them: forty would be most of the page. --}}
        <x-form
            op="unmark"
            render="all"
        >
            <ul>
                @foreach ($page->behind() as $key => $title)
                    <li>{{ $title }}
                        @if (($by = $page->by((string) $key)) !== '')
                            <span class="muted">by {{ $by }}</span>
                        @endif
                        <button
                            class="button is-small"
                            name="step"
                            value="{{ $key . "\n" . $title }}"
                        >Not done after all</button>
                    </li>
                @endforeach
            </ul>
        </x-form>
    @endif
</details>
