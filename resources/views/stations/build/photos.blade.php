@props(['photos'])
@if ($photos !== [])
    <ul class="photos">
        @foreach ($photos as $photo)
            <li><a
                    href="{{ route('build.picture', [$frame->build, $photo['sha'], 'large'], false) }}"
                    target="_blank"
                ><img
                        src="{{ route('build.picture', [$frame->build, $photo['sha'], 'small'], false) }}"
                        alt="{{ $photo['text'] === '' ? 'Picture of ' . substr($photo['on'], 0, 10) : $photo['text'] }}"
                        height="96"
                        loading="lazy"
                    ></a></li>
        @endforeach
    </ul>
@endif
