@php($learned = $page->pace->learned())
<details
    class="folded"
    id="learned"
>
    <summary>How long it takes here</summary>
    @if (($hours = $page->pace->hours()) !== '')
        <p>{{ $hours }}</p>
    @endif
    <ul>
        @foreach ($learned as [$name, $what, $long])
            <li><b>{{ $what }}</b> {{ $long }}
                <x-form
                    op="time"
                    render="all"
                    :with="['name' => $name]"
                    :to="$frame->to('build.forget')"
                    class="act"
                ><button class="button is-small">As usual again</button></x-form>
            </li>
        @endforeach
    </ul>
    @if ($learned === [])
        <p class="muted">Nothing timed yet. What is marked in a sitting is timed, breaks left out; times beyond belief
            are
            asked about.</p>
    @else
        <p class="papers"><a
                class="button is-small"
                href="{{ route('build.times', $frame->build, false) }}"
            >As a file, for the command line</a></p>
    @endif
</details>
