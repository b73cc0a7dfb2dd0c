@php($kind = class_basename($part))
@if ($kind === 'Lines' && $part->single)
    @foreach ($part->lines as $line)
        <p>{{ $line }}</p>
    @endforeach
@elseif ($kind === 'Lines' && $part->ordered)
    <ol class="numbered">
        @foreach ($part->lines as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ol>
@elseif ($kind === 'Lines')
    <ul>
        @foreach ($part->lines as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
@elseif ($kind === 'Table' && count($part->heads) === 1)
    @if ($part->heads[0] !== $section->title)
        <h3>{{ $part->heads[0] }}</h3>
    @endif
    <ul>
        @foreach ($part->rows as $row)
            <li>{{ $row[0] }}</li>
        @endforeach
    </ul>
@elseif ($kind === 'Table')
    <div
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="{{ $part->title }}"
    >
        <table class="table is-narrow">
            <thead>
                <tr>
                    @foreach ($part->heads as $head)
                        <th>{{ $head }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($part->rows as $row)
                    <tr>
                        @foreach ($row as $c => $cell)
                            <td @class(['figure' => in_array($c, $part->figures, true)])>{{ $cell }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@elseif ($kind === 'Picture')
    <figure>
        @if ($part->drawing !== null)
            <x-svg
                :drawing="$part->drawing"
                :id="$id"
            />
        @else
            <img
                src="{{ route('build.picture', [$frame->build, $part->photo, 'large'], false) }}"
                alt="{{ $part->words }}"
                loading="lazy"
            >
        @endif
        <figcaption>{{ $part->words }}</figcaption>
    </figure>
@else
    <p class="wanted">{{ $part->words }}: <a
            href="{{ $frame->url(['station' => $part->station]) }}">{{ $part->act }}</a>
    </p>
@endif
