@php($leaf = $page->changed())
@php($revisions = $leaf->revisions($page))
<form
    class="says"
    method="get"
    action="{{ route('station', [$frame->build, 'handover'], false) }}"
>
    <input
        type="hidden"
        name="leaf"
        value="changed"
    >
    @foreach (['was' => ['From', $leaf->was], 'is' => ['to', $leaf->is]] as $end => [$words, $chosen])
        <label for="changed-{{ $end }}">{{ $words }}</label>
        <span class="select"><select
                class="typed"
                id="changed-{{ $end }}"
                name="{{ $end }}"
            >
                @foreach ($revisions as $no => $what)
                    <option
                        value="{{ $no }}"
                        @selected($no === $chosen)
                    >{{ $what }}</option>
                @endforeach
            </select></span>
    @endforeach
    <button class="button is-small">Compare</button>
</form>
@if ($leaf->compare->changes === [])
    <h1 class="price-sentence">Nothing differs between these two.</h1>
@else
    <h1 class="price-sentence">
        {{ Illuminate\Support\Facades\Gate::allows('see-prices') ? $leaf->money() : 'What changed' }}</h1>
    @foreach ($leaf->words() as $label => $changes)
        <section>
            <h2>{{ $label }}</h2>
            <ul class="changes">
                @foreach ($changes as [$n, $change])
                    <li>
                        @if ($n !== null)
                            <span class="number">{{ $n }}</span>
                        @endif
                        {{ $change->words }}
                    </li>
                @endforeach
            </ul>
        </section>
    @endforeach
    @foreach ($leaf->drawings() as $d => [$label, $before, $after])
        <section>
            <h2>{{ $label }}</h2>
            @foreach (['before' => $before, 'after' => $after] as $when => $drawing)
                @if ($drawing === null)
                    <p class="muted">{{ ucfirst($when) }}: it was not there.</p>
                @else
                    <figure><x-svg
                            :drawing="$drawing"
                            :id="'changed-' . $d . '-' . $when"
                        />
                        <figcaption>{{ $when }}</figcaption>
                    </figure>
                @endif
            @endforeach
        </section>
    @endforeach
@endif
