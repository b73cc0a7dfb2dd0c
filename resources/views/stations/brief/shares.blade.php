<details class="shares">
    <summary>Where the figures come from</summary>
    <ul>
        @foreach ($idea->day->shares as $share)
            <li>
                @if ($idea->edit === null && $share->supply !== 'empty')
                    <a
                        href="{{ $day->shareUrl($share) }}">{{ $day->situation($share) }}</a>@else{{ $day->situation($share) }}
                @endif
                <span class="figure">{{ BenchGlow\Story\Ideas::time($share->seconds) }} × {{ $S::amps($share->amps) }} =
                    {{ $S::plain($share->ampHours(), 2) }} Ah</span>
            </li>
        @endforeach
    </ul>
</details>
