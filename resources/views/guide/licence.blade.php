@include('frame.head', ['title' => 'Licence', 'preference' => $preference])

<body
    class="guide-page"
    @if ($preference->keys_on) data-keys @endif
>
    @include('frame.bar')
    <main
        id="plate"
        class="guide"
    >
        <article class="guide-text">
            <h1>Licence</h1>
            <pre class="licence">{{ $text }}</pre>
            <h2>Texts of the licences</h2>
            <ul>
                @foreach (App\Frame\Foot::licences() as $name => $href)
                    <li><a href="{{ $href }}">{{ $name }}</a></li>
                @endforeach
            </ul>
        </article>
    </main>
    @include('frame.foot')
</body>

</html>
