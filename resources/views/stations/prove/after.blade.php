@foreach ($page->corrections() as $correction)
    <section
        class="correction"
        aria-label="What the readings say of the build"
    >
        <p>{{ $correction->words }}</p>
        <x-act
            :edit="$correction->edit"
            class="is-small"
        >{{ $correction->act }}</x-act>
    </section>
@endforeach
<p class="papers"><a href="{{ $frame->to('prove.csv') }}">All gates with their figures, as a table (CSV)</a></p>
