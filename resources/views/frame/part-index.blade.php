{!! view($index[0], $index[1])->render() !!}
